import type { BorderComparison } from './compare-borders';
import { runProgram } from './run-program';

/** A few here; `npm run check:deep` does 500. */
const NUM_TEXTS = 3;
const SEED = 11;

test('borders of random names agree with a distance transform of their letters, to its pixels', async () => {
  const { numTexts, worstMm, worst, numPixels } = await runProgram<BorderComparison>(
    'compare-borders',
    'compare-borders.mjs',
    [NUM_TEXTS, SEED],
  );
  expect(numTexts).toBe(NUM_TEXTS);
  expect(numPixels).toBeGreaterThan(500_000);
  // Pixels of 0.04 mm tell a distance to 0.03 mm.
  expect([worst, worstMm < 0.05]).toEqual([worst, true]);
}, 300_000);
