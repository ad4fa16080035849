import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { build } from 'esbuild';
import type { Comparison } from './compare';

/** A handful here, since a name takes seconds; `node build/compare-measures.mjs 50` does as many as one likes. */
const NUM_NAMES = 8;
const SEED = 20261125;

test('strokes and gaps of random names agree with an opening done by pixels', async () => {
  const program = path.resolve('build/compare-measures.mjs');
  await build({
    entryPoints: ['e2e/measures/compare.ts'],
    outfile: program,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
  const answer = execFileSync(process.execPath, [program, String(NUM_NAMES), String(SEED)], { encoding: 'utf8' });
  const { numNames, seen, disagreements } = JSON.parse(answer) as Comparison;
  expect(numNames).toBe(NUM_NAMES);
  expect(disagreements).toEqual([]);
  // Enough of each kind were there for the agreement to mean something.
  expect(Math.min(seen.stroke, seen.gap, seen.none)).toBeGreaterThanOrEqual(2);
}, 300_000);
