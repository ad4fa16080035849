import fc from 'fast-check';
import type { StringHole } from '../shop';
import { type Ring, holeInPlace } from '.';

const hole: StringHole = { side: 'left', diameterMm: 4, edgeMm: 3 };
const box = (widthMm: number, heightMm: number): Ring => [
  [0, 0],
  [widthMm, 0],
  [widthMm, heightMm],
  [0, heightMm],
];

test('a hole lies on the middle line, as near to its side as its distance allows', () => {
  expect(holeInPlace(box(60, 40), hole)).toEqual({ xMm: 5, yMm: 20, radiusMm: 2 });
  expect(holeInPlace(box(60, 40), { ...hole, side: 'top' })).toEqual({ xMm: 30, yMm: 5, radiusMm: 2 });
});

test('where a side leans it lies farther in', () => {
  // By 45 degrees: at half its height the side stands 20 mm in, and 5 mm off it is √2 times as far.
  const leaning: Ring = [
    [40, 0],
    [100, 0],
    [100, 40],
    [0, 40],
  ];
  const found = holeInPlace(leaning, hole)!;
  expect(found.yMm).toBe(20);
  expect(found.xMm).toBeCloseTo(20 + 5 * Math.SQRT2, 2);
});

test('there is none in a place that is too small for it by a hair, and one in the smallest that is not', () => {
  for (const place of [box(60, 10), box(10, 60), box(10, 10)]) {
    expect(holeInPlace(place, hole)).toMatchObject({ radiusMm: 2 });
    expect(holeInPlace(place, { ...hole, side: 'top' })).toMatchObject({ radiusMm: 2 });
  }
  for (const place of [box(60, 9.99), box(9.99, 60)]) {
    expect(holeInPlace(place, hole)).toBeNull();
    expect(holeInPlace(place, { ...hole, side: 'top' })).toBeNull();
  }
  expect(holeInPlace(box(40, 20), { side: 'left', diameterMm: 20, edgeMm: 12 })).toBeNull();
});

test('in any place of four corners it keeps its distance everywhere, and nowhere nearer to its side would do', () => {
  const corner = (x: number, y: number) =>
    fc.tuple(fc.double({ min: x, max: x + 25, noNaN: true }), fc.double({ min: y, max: y + 15, noNaN: true }));
  fc.assert(
    fc.property(corner(0, 0), corner(60, 0), corner(60, 40), corner(0, 40), (a, b, c, d) => {
      const ring: Ring = [a, b, c, d];
      const found = holeInPlace(ring, hole);
      fc.pre(found !== null);
      const far = hole.diameterMm / 2 + hole.edgeMm;
      const { xMm, yMm } = found;
      const ys = ring.map(([, y]) => y);
      expect(yMm).toBeCloseTo((Math.min(...ys) + Math.max(...ys)) / 2, 9);
      expect(nearestEdge(ring, xMm, yMm)).toBeGreaterThan(far - 0.0011);
      // Along the middle line from its side, in small steps.
      const from = Math.min(...ring.map(([x]) => x));
      for (let x = from; x < xMm - 0.01; x += 0.25) expect(isFree(ring, x, yMm, far)).toBe(false);
    }),
    { numRuns: 60, seed: 7 },
  );
});

function nearestEdge(ring: Ring, x: number, y: number): number {
  return Math.min(
    ...ring.map(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length]!;
      const t = Math.max(
        0,
        Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
      );
      return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
    }),
  );
}

function isFree(ring: Ring, x: number, y: number, far: number): boolean {
  // A place of four corners that bulge nowhere inwards: inside is on one side of all of its edges.
  const sides = ring.map(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    return Math.sign((bx - ax) * (y - ay) - (by - ay) * (x - ax));
  });
  return new Set(sides).size === 1 && nearestEdge(ring, x, y) > far + 0.001;
}
