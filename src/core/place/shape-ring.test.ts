import fc from 'fast-check';
import { type Shape, shapeBox } from '../shop';
import { FLAT_MM, crossingEdges, isInRing, movedRing, ringArea, shapeRing } from './shape-ring';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const sides = { widthMm: mm(10, 400), heightMm: mm(10, 400) };

const shapes: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('rect' as const), ...sides }),
  fc.record({ kind: fc.constant('ellipse' as const), ...sides }),
  fc.record({ kind: fc.constant('roundedRect' as const), ...sides, radiusMm: mm(0, 300) }),
  fc.record({
    kind: fc.constant('taper' as const),
    topWidthMm: mm(5, 300),
    bottomWidthMm: mm(5, 300),
    heightMm: mm(5, 300),
  }),
);

test('every outline begins at the origin and is as large as its bounding box says', () => {
  fc.assert(
    fc.property(shapes, (shape) => {
      const ring = shapeRing(shape);
      const [xs, ys] = [ring.map(([x]) => x), ring.map(([, y]) => y)];
      const { widthMm, heightMm } = shapeBox(shape);
      expect(Math.min(...xs)).toBeGreaterThanOrEqual(-1e-9);
      expect(Math.min(...ys)).toBeGreaterThanOrEqual(-1e-9);
      // Curves are flattened from inside, so they may fall short of it by as much as that.
      expect(Math.max(...xs)).toBeGreaterThan(widthMm - 2 * FLAT_MM);
      expect(Math.max(...ys)).toBeGreaterThan(heightMm - 2 * FLAT_MM);
      expect(crossingEdges(ring)).toBeNull();
    }),
    { numRuns: 40 },
  );
});

test('areas are those of the formulas', () => {
  const areaOf = (shape: Shape) => ringArea(shapeRing(shape));
  expect(areaOf({ kind: 'taper', topWidthMm: 100, bottomWidthMm: 60, heightMm: 50 })).toBeCloseTo(4000, 6);
  // A flattened curve lies within FLAT_MM of the true one, all the way round.
  const ellipse = areaOf({ kind: 'ellipse', widthMm: 200, heightMm: 80 });
  expect(Math.abs(ellipse - Math.PI * 100 * 40)).toBeLessThan(460 * FLAT_MM);
  const rounded = areaOf({ kind: 'roundedRect', widthMm: 100, heightMm: 60, radiusMm: 10 });
  expect(Math.abs(rounded - (6000 - (4 - Math.PI) * 100))).toBeLessThan(63 * FLAT_MM);
  const sweep = { kind: 'ringPart', innerRadiusMm: 200, outerRadiusMm: 260, sweepDeg: 36, outerAt: 'top' } as const;
  expect(Math.abs(areaOf(sweep) - (Math.PI * (260 ** 2 - 200 ** 2)) / 10)).toBeLessThan(300 * FLAT_MM);
  expect(areaOf({ ...sweep, outerAt: 'bottom' })).toBeCloseTo(areaOf(sweep), 6);
  // Corners may be measured from anywhere.
  expect(
    areaOf({
      kind: 'polygon',
      corners: [
        [-40, 70],
        [60, 70],
        [60, 120],
        [-40, 120],
      ],
    }),
  ).toBe(5000);
});

test('a point lies inside or not, also in a ring that is bent in', () => {
  const bent = shapeRing({
    kind: 'polygon',
    corners: [
      [0, 0],
      [100, 0],
      [100, 100],
      [50, 20],
      [0, 100],
    ],
  });
  expect([isInRing(bent, 10, 50), isInRing(bent, 90, 50)]).toEqual([true, true]);
  expect([isInRing(bent, 50, 50), isInRing(bent, 50, 10), isInRing(bent, -1, 50)]).toEqual([false, true, false]);
  expect(isInRing(movedRing(bent, 200, 0), 210, 50)).toBe(true);
});

test('of a ring whose edges cross the first two are named, wherever they lie', () => {
  fc.assert(
    fc.property(mm(20, 80), mm(20, 80), (x, y) => {
      expect(
        crossingEdges([
          [0, 0],
          [100, 0],
          [100, 100],
          [0, 100],
        ]),
      ).toBeNull();
      expect(
        crossingEdges([
          [0, 0],
          [100, 0],
          [0, 100],
          [100, 100],
        ]),
      ).toEqual([2, 4]);
      // A spike through the opposite side.
      expect(
        crossingEdges([
          [0, 0],
          [x, 150],
          [100, 0],
          [100, 100],
          [0, y],
        ]),
      ).not.toBeNull();
    }),
  );
  const doubled = shapeRing({
    kind: 'polygon',
    corners: [
      [0, 0],
      [0, 0],
      [100, 0],
      [100, 90],
      [0, 90],
      [0, 0],
    ],
  });
  expect([doubled.length, crossingEdges(doubled)]).toEqual([4, null]);
  expect(
    crossingEdges([
      [0, 0],
      [50, 0],
      [100, 0],
      [100, 50],
      [0, 50],
    ]),
  ).toBeNull();
});
