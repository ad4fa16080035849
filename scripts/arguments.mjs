import { Stopped } from './stopped.mjs';

const DEFAULT_PORT = 4310;

/**
 * @param {string[]} words
 * @returns {{ port: number, reset: boolean }}
 */
export function readArguments(words) {
  let port = DEFAULT_PORT;
  let reset = false;
  for (let i = 0; i < words.length; i++) {
    const [name, joined] = words[i].split('=', 2);
    if (name === '--reset') reset = true;
    else if (name === '--port') port = readPort(joined ?? words[++i]);
    else throw new Stopped(`Knurl does not know "${words[i]}". There are --port NUMBER and --reset.`);
  }
  return { port, reset };
}

/** @param {string | undefined} text */
function readPort(text) {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new Stopped(`--port takes a number from 1 to 65535, not "${text ?? ''}".`);
  }
  return port;
}
