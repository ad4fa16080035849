import { readFileSync } from 'node:fs';
import { type Expected, checkCutFile } from './check-cut-file';

/**
 * The checker from a command line: `node build/check-cut-file.mjs FILE.svg '{"faceFile": …}'`. Prints one fault a line and
 * ends with 1 when there is any.
 */
const [file = '', told = '{}'] = process.argv.slice(2);
const { spacingMm, edgeMm, ...expected } = JSON.parse(told) as Expected & { spacingMm: number; edgeMm: number };
const faults = checkCutFile(readFileSync(file, 'utf8'), () => expected, { spacingMm, edgeMm });
for (const fault of faults) process.stdout.write(`${fault}\n`);
process.exitCode = faults.length > 0 ? 1 : 0;
