import type { Comparison } from './compare';
import { runProgram } from './run-program';

/** Two here, since a name takes seconds; `npm run check:deep` does as many as one likes. */
const NUM_NAMES = 2;
const SEED = 20261131;

test('strokes and gaps of random names agree with an opening done by pixels', async () => {
  const { numNames, seen, disagreements } = await runProgram<Comparison>('compare', 'compare-measures.mjs', [
    NUM_NAMES,
    SEED,
  ]);
  expect(numNames).toBe(NUM_NAMES);
  expect(disagreements).toEqual([]);
  // Enough of each kind were there for the agreement to mean something.
  expect(Math.min(seen.stroke, seen.gap, seen.none)).toBeGreaterThanOrEqual(1);
}, 300_000);
