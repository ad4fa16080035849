import fc from 'fast-check';
import { type Ring, boxOfRings, ringArea, thinnedRings } from '.';

/** Star-shaped rings of many points, as letters have. */
const aRing = fc
  .tuple(fc.array(fc.integer({ min: 0, max: 120 }), { minLength: 3, maxLength: 200 }), fc.integer({ min: -9, max: 9 }))
  .map(([offs, x]) =>
    Int32Array.from(
      offs.flatMap((off, i) => {
        const angle = (2 * Math.PI * i) / offs.length;
        const radius = 5000 + off;
        return [Math.round(x * 1000 + radius * Math.cos(angle)), Math.round(radius * Math.sin(angle))];
      }),
    ),
  );

const pointsOf = (ring: Ring) => Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!]);

function off([x, y]: number[], ring: Ring): number {
  const points = pointsOf(ring);
  return Math.min(
    ...points.map(([bx, by], i) => {
      const [ax, ay] = points.at(i - 1)!;
      const [dx, dy] = [bx! - ax!, by! - ay!];
      const share = ((x! - ax!) * dx + (y! - ay!) * dy) / (dx * dx + dy * dy || 1);
      const at = Math.min(1, Math.max(0, share));
      return Math.hypot(x! - ax! - at * dx, y! - ay! - at * dy);
    }),
  );
}

test('rings keep points of their own, their way round and how far they reach; what is left out lies near what is left', () => {
  fc.assert(
    fc.property(
      fc.array(aRing, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 5, max: 60 }),
      (rings, tolerance) => {
        const left = thinnedRings(rings, tolerance);
        expect(left).toHaveLength(rings.length);
        left.forEach((ring, i) => {
          const from = rings[i]!;
          expect(boxOfRings([ring])).toEqual(boxOfRings([from]));
          expect(Math.sign(ringArea(ring))).toBe(Math.sign(ringArea(from)));
          const known = new Set(pointsOf(from).map(String));
          expect(pointsOf(ring).every((point) => known.has(String(point)))).toBe(true);
          // One after the other is left out, each by what is left then.
          for (const point of pointsOf(from)) expect(off(point, ring)).toBeLessThan(2.5 * tolerance);
        });
      },
    ),
    { numRuns: 100 },
  );
});

test('points along a straight edge are left out, wherever the ring begins', () => {
  const edge = Array.from({ length: 20 }, (_, i) => [i * 100, i % 2]).flat();
  const square = [...edge, 2000, 0, 2000, 2000, 0, 2000];
  for (const start of [0, 2, 12, 40, 44]) {
    const [left] = thinnedRings([Int32Array.from([...square.slice(start), ...square.slice(0, start)])], 5);
    expect(left!.length).toBeLessThan(16);
    expect(left!.length).toBeGreaterThanOrEqual(8);
  }
  expect(thinnedRings([], 5)).toEqual([]);
});
