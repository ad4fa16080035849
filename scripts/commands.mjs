// What the commands have in common: read the words, do the deed, end with a sentence when something is in the way.
import { Stopped } from './stopped.mjs';

/** @param {string[]} words */
export async function run(words) {
  const [command, ...rest] = words;
  try {
    if (command === 'test') {
      const { runTests } = await import('./test.mjs');
      process.exitCode = await runTests(rest);
    } else if (command === 'demo' || command === 'start') {
      const { start } = await import('./start.mjs');
      await start(command, rest);
    } else if (command === 'restore') {
      const { restore } = await import('./start.mjs');
      await restore(rest);
    } else {
      throw new Stopped(`Knurl has no command "${command ?? ''}". There are demo, start, restore and test.`);
    }
  } catch (error) {
    if (!(error instanceof Stopped)) throw error;
    process.stderr.write(`\n${error.message}\n`);
    process.exit(1);
  }
}
