import fc from 'fast-check';
import {
  type Outline,
  type Ring,
  boxOfRings,
  cutOrder,
  isPointInRing,
  joinRings,
  mapOutline,
  outlineFromNumbers,
  outlineRings,
  outlineSha,
  outlineToNumbers,
  ringArea,
  writeOutline,
} from '.';

const square = (x: number, y: number, size: number): Ring =>
  Int32Array.from([x, y, x + size, y, x + size, y + size, x, y + size]);

const turned = (ring: Ring): Ring => {
  const points = Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!]);
  return Int32Array.from(points.reverse().flat());
};

const totalArea = (outline: Outline) => [...outlineRings(outline)].reduce((sum, ring) => sum + ringArea(ring), 0);

test('overlapping squares become one island without the seam between them', () => {
  const joined = joinRings([square(0, 0, 1000), square(500, 0, 1000)], 0);
  expect(joined.islands).toHaveLength(1);
  expect(joined.islands[0]!.holes).toHaveLength(0);
  expect(totalArea(joined)).toBe(1_500_000);
});

test('squares that do not meet stay two islands', () => {
  expect(joinRings([square(0, 0, 1000), square(5000, 0, 1000)], 0).islands).toHaveLength(2);
});

test('a counter-running ring is a hole, and an island inside it is an island of its own that is cut first', () => {
  const joined = joinRings([square(0, 0, 9000), turned(square(1000, 1000, 7000)), square(3000, 3000, 1000)], 0);
  expect(joined.islands.map(({ holes }) => holes.length).sort()).toEqual([0, 1]);
  const order = cutOrder(joined);
  expect(boxOfRings([order[0]!.outer])).toEqual({ minX: 3000, minY: 3000, maxX: 4000, maxY: 4000 });
});

test('every hole belongs to the smallest ring around it, however deep rings lie in one another', () => {
  const depth = fc.integer({ min: 1, max: 7 });
  fc.assert(
    fc.property(fc.array(depth, { minLength: 1, maxLength: 4 }), fc.boolean(), (nests, isShuffled) => {
      // Beside each other, each a ring in a ring in a ring: every other one runs back and is a hole.
      const rings = nests.flatMap((deep, no) =>
        Array.from({ length: deep }, (_, i) => {
          const ring = square(no * 2000 + i * 100, i * 100, 1800 - i * 200);
          return i % 2 === 0 ? ring : turned(ring);
        }),
      );
      const { islands } = joinRings(isShuffled ? rings.reverse() : rings, 0);
      expect(islands).toHaveLength(nests.reduce((sum, deep) => sum + Math.ceil(deep / 2), 0));
      for (const { outer, holes } of islands) {
        const around = boxOfRings([outer])!;
        for (const hole of holes) {
          const box = boxOfRings([hole])!;
          expect([box.minX - around.minX, around.maxX - box.maxX]).toEqual([100, 100]);
        }
      }
      expect(islands.reduce((sum, { holes }) => sum + holes.length, 0)).toBe(
        nests.reduce((sum, deep) => sum + Math.floor(deep / 2), 0),
      );
    }),
  );
});

test('crumbs below the least area are dropped', () => {
  const joined = joinRings([square(0, 0, 1000), square(5000, 5000, 3)], 100);
  expect(joined.islands).toHaveLength(1);
});

test('nothing gives nothing', () => {
  expect(joinRings([], 0).islands).toEqual([]);
  expect(boxOfRings([])).toBeNull();
});

test('the union of random squares agrees with counting cells, and outer rings run one way, holes the other', () => {
  const cell = fc.tuple(
    fc.integer({ min: 0, max: 12 }),
    fc.integer({ min: 0, max: 12 }),
    fc.integer({ min: 1, max: 6 }),
  );
  fc.assert(
    fc.property(fc.array(cell, { minLength: 1, maxLength: 14 }), (cells) => {
      const joined = joinRings(
        cells.map(([x, y, size]) => square(x * 100, y * 100, size * 100)),
        0,
      );
      const covered = new Set<string>();
      for (const [x, y, size] of cells) {
        for (let i = 0; i < size; i++) for (let j = 0; j < size; j++) covered.add(`${x + i} ${y + j}`);
      }
      expect(totalArea(joined)).toBe(covered.size * 10_000);
      for (const { outer, holes } of joined.islands) {
        expect(ringArea(outer)).toBeGreaterThan(0);
        for (const hole of holes) {
          expect(ringArea(hole)).toBeLessThan(0);
          expect(isPointInRing((hole[0]! + hole[2]!) / 2, (hole[1]! + hole[3]!) / 2, outer)).toBe(true);
        }
      }
    }),
    { numRuns: 200 },
  );
});

test('a mirror image keeps area and winding, and mirroring twice gives the outline back', () => {
  const joined = joinRings([square(0, 0, 900), turned(square(100, 300, 200)), square(600, 600, 900)], 0);
  const once = mapOutline(joined, -1, 1, 1500, 0);
  expect(totalArea(once)).toBe(totalArea(joined));
  for (const { outer, holes } of once.islands) {
    expect(ringArea(outer)).toBeGreaterThan(0);
    for (const hole of holes) expect(ringArea(hole)).toBeLessThan(0);
  }
  expect(writeOutline(mapOutline(once, -1, 1, 1500, 0))).toBe(writeOutline(joined));
});

test('an outline survives its text, and its name changes with any point', () => {
  const joined = joinRings([square(0, 0, 900), turned(square(100, 300, 200))], 0);
  const text = writeOutline(joined);
  expect(outlineToNumbers(outlineFromNumbers(JSON.parse(text)))).toEqual(outlineToNumbers(joined));
  expect(outlineSha(text)).toMatch(/^[0-9a-f]{64}$/);
  expect(outlineSha(writeOutline(mapOutline(joined, 1, 1, 1, 0)))).not.toBe(outlineSha(text));
});
