import fc from 'fast-check';
import { distanceToEdges } from '../test';
import { type Outline, joinRings, leastIslandGap, outlineRings } from '.';

const disc = ({ x, y, r, n }: { x: number; y: number; r: number; n: number }) =>
  Int32Array.from(
    Array.from({ length: n }, (_, i) => [
      x + r * Math.cos((2 * Math.PI * i) / n),
      y + r * Math.sin((2 * Math.PI * i) / n),
    ]).flat(),
    Math.round,
  );

/** Every corner against every edge of every other island. */
function plainGap({ islands }: Outline): number {
  let least = Infinity;
  islands.forEach((one, i) => {
    islands.forEach((other, k) => {
      if (i === k) return;
      for (const ring of outlineRings({ islands: [one] })) {
        for (let at = 0; at < ring.length; at += 2) {
          least = Math.min(least, distanceToEdges({ islands: [other] }, ring[at]!, ring[at + 1]!));
        }
      }
    });
  });
  return least;
}

test('it is what every corner against every edge gives, also for islands within holes', () => {
  const discs = fc.array(
    fc.record({
      x: fc.integer({ min: 0, max: 90_000 }),
      y: fc.integer({ min: 0, max: 90_000 }),
      r: fc.integer({ min: 800, max: 14_000 }),
      n: fc.integer({ min: 3, max: 120 }),
    }),
    { minLength: 1, maxLength: 9 },
  );
  fc.assert(
    fc.property(discs, fc.boolean(), (some, isHollow) => {
      const rings = some.flatMap((one) =>
        isHollow && one.r > 4000 ? [disc(one), disc({ ...one, r: one.r / 2 }).reverse()] : [disc(one)],
      );
      const outline = joinRings(rings, 10);
      expect(leastIslandGap(outline)).toBeCloseTo(plainGap(outline), 6);
    }),
    { numRuns: 20 },
  );
});

test('of one island there is none', () => {
  expect(leastIslandGap({ islands: [] })).toBe(Infinity);
  expect(leastIslandGap(joinRings([disc({ x: 0, y: 0, r: 5000, n: 40 })], 10))).toBe(Infinity);
});
