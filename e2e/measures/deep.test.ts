import type { DeepReport } from './deep';
import { runProgram } from './run-program';

/** A few of each kind here; `npm run check:deep` does a thousand. */
const NUM_CASES = 18;
const SEED = 20261126;

const CONVEX = ['rect', 'taper', 'circle', 'roundedRect'];

test('sizes in random places are those of a search by brute force, and joined areas those of another library', async () => {
  const { kinds, short, unions } = await runProgram<DeepReport>('deep', 'deep.mjs', [NUM_CASES, SEED, 200]);
  expect(kinds.map(({ num }) => num)).toEqual(kinds.map(() => 2));
  expect(short).toEqual([]);
  for (const { kind, mean, overMm } of kinds) {
    expect([kind, mean > (CONVEX.includes(kind) ? 0.997 : 0.99)]).toEqual([kind, true]);
    // A clear zone's curve is flattened to 5 µm; nothing reaches farther than that over any edge.
    expect([kind, overMm <= 0.006]).toEqual([kind, true]);
  }
  expect(unions.num).toBe(NUM_CASES);
  expect(Math.abs(unions.worst - 1)).toBeLessThan(1e-5);
}, 300_000);
