import type { Comparison } from './compare';
import { runProgram } from './run-program';

/** A handful here, since a name takes seconds; `node build/compare-measures.mjs 50` does as many as one likes. */
const NUM_NAMES = 8;
const SEED = 20261125;

test('strokes and gaps of random names agree with an opening done by pixels', async () => {
  const { numNames, seen, disagreements } = await runProgram<Comparison>('compare', 'compare-measures.mjs', [
    NUM_NAMES,
    SEED,
  ]);
  expect(numNames).toBe(NUM_NAMES);
  expect(disagreements).toEqual([]);
  // Enough of each kind were there for the agreement to mean something.
  expect(Math.min(seen.stroke, seen.gap, seen.none)).toBeGreaterThanOrEqual(2);
}, 300_000);
