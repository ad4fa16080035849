import type { GapComparison } from './compare-gaps';
import { runProgram } from './run-program';

/** Two here, since a text takes seconds; `npm run check:deep` does as many as one likes. */
const NUM_TEXTS = 2;
const SEED = 7;

test('narrow gaps of random names agree with exact offsets of their outlines', async () => {
  const { numTexts, seen, far } = await runProgram<GapComparison>('compare-gaps', 'compare-gaps.mjs', [
    NUM_TEXTS,
    SEED,
  ]);
  expect(numTexts).toBe(NUM_TEXTS);
  expect(far).toEqual([]);
  expect(seen.passage).toBeGreaterThanOrEqual(1);
}, 300_000);
