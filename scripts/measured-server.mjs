// A server on a folder of its own, for scripts that measure it from outside.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const TICK_MS = 10;

/** @param {number} port */
export function measuredServer(port) {
  const url = `http://127.0.0.1:${port}`;
  const dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-measured-'));
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port), '--keepAliveTimeout', '65000'],
    {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, NODE_ENV: 'production', KNURL_DATA_DIR: dataDir, KNURL_URL: url },
    },
  );
  const get = (/** @type {string} */ at) => fetch(url + at);
  const isThere = () =>
    get('/api/health').then(
      ({ ok }) => ok,
      () => false,
    );
  return {
    url,
    get,
    json: async (/** @type {string} */ at) => (await get(at)).json(),
    send: (/** @type {string} */ method, /** @type {string} */ at, /** @type {unknown} */ body, headers = {}) =>
      fetch(url + at, {
        method,
        headers: { 'content-type': 'application/json', ...headers },
        body: JSON.stringify(body),
      }),
    /** Processor time with all its threads, ms. */
    cpuMs: () => {
      const words = readFileSync(`/proc/${server.pid}/stat`, 'utf8').split(') ')[1].split(' ');
      return (Number(words[11]) + Number(words[12])) * TICK_MS;
    },
    ready: async () => {
      for (let i = 0; i < 200 && !(await isThere()); i++) await pause(100);
    },
    end: () => {
      server.kill();
      rmSync(dataDir, { recursive: true, force: true });
    },
  };
}

export const pause = (/** @type {number} */ ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A list of names, each another; without figures, which would be taken for quantities. @param {number} n */
export function manyNames(n) {
  const stems = ['Perpetua', 'Bo', 'Ottoline', 'Quim', 'Zelda', 'Fennimore', 'Ines', 'Aurelius'];
  const word = (/** @type {number} */ i) =>
    [...i.toString(20)].map((digit) => 'abcdefghilmnoprstuvy'[parseInt(digit, 20)]).join('');
  return Array.from({ length: n }, (_, i) => `${stems[i % stems.length]} M${word(i)}`).join('\n');
}
