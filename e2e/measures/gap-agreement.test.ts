import type { GapComparison } from './compare-gaps';
import { runProgram } from './run-program';

/** One here, since a text takes seconds; `npm run check:deep` does as many as one likes. */
const NUM_TEXTS = 1;
const SEED = 8;

test('narrow gaps of random names agree with exact offsets of their outlines', async () => {
  const { numTexts, seen, far } = await runProgram<GapComparison>('compare-gaps', 'compare-gaps.mjs', [
    NUM_TEXTS,
    SEED,
  ]);
  expect(numTexts).toBe(NUM_TEXTS);
  expect(far).toEqual([]);
  expect(seen.passage + seen.notch).toBeGreaterThanOrEqual(1);
}, 300_000);
