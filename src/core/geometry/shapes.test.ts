import fc from 'fast-check';
import { distanceToEdges, isOnInk } from '../test';
import {
  type Outline,
  boxOfRings,
  cutOrder,
  growOutline,
  joinOutlines,
  joinRings,
  outlineArea,
  outlineRings,
  strokeRings,
  sweepOutline,
  takeOut,
  thinned,
} from '.';

const LEAST = 10;

function disc({ x, y, r, n }: { x: number; y: number; r: number; n: number }): Int32Array {
  return Int32Array.from(
    Array.from({ length: n }, (_, i) => [
      x + r * Math.cos((2 * Math.PI * i) / n),
      y + r * Math.sin((2 * Math.PI * i) / n),
    ]).flat(),
    Math.round,
  );
}

const box = (x: number, y: number, w: number, h: number) => Int32Array.of(x, y, x + w, y, x + w, y + h, x, y + h);

/** Some discs and squares, joined; a third of them with a hole. */
const anyOutline: fc.Arbitrary<Outline> = fc
  .array(
    fc.record({
      x: fc.integer({ min: 0, max: 60_000 }),
      y: fc.integer({ min: 0, max: 60_000 }),
      r: fc.integer({ min: 3000, max: 16_000 }),
      n: fc.integer({ min: 3, max: 40 }),
      isHollow: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((some) =>
    joinRings(
      some.flatMap((one) => [
        disc(one),
        ...(one.isHollow ? [disc({ ...one, r: one.r / 2 }).reverse()].map(swapped) : []),
      ]),
      LEAST,
    ),
  );

/** A ring that was reversed number by number has its x and y the wrong way round. */
function swapped(ring: Int32Array): Int32Array {
  return ring.map((_, i) => ring[i % 2 === 0 ? i + 1 : i - 1]!);
}

/** Points of a box around outlines, by a seed. */
function* pointsNear(outlines: readonly Outline[], seed: number, count = 50) {
  const { minX, minY, maxX, maxY } = boxOfRings(outlines.flatMap((one) => [...outlineRings(one)]))!;
  let state = Math.abs(seed % 2_147_483_000) + 1;
  const chance = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  for (let i = 0; i < count; i++) {
    yield [minX - 2000 + chance() * (maxX - minX + 4000), minY - 2000 + chance() * (maxY - minY + 4000)] as const;
  }
}

const vector = fc.tuple(fc.integer({ min: -20_000, max: 20_000 }), fc.integer({ min: -20_000, max: 20_000 }));

test('what an outline passes over is what it was on at some time of its way', () => {
  fc.assert(
    fc.property(anyOutline, vector, fc.integer(), (outline, [dx, dy], seed) => {
      const swept = sweepOutline(outline, dx, dy, LEAST);
      for (const [x, y] of pointsNear([swept], seed)) {
        if (distanceToEdges(swept, x, y) < 120) continue;
        const wasThere = Array.from({ length: 501 }, (_, i) => i / 500).some((t) =>
          isOnInk(outline, x - t * dx, y - t * dy),
        );
        expect([x, y, isOnInk(swept, x, y)]).toEqual([x, y, wasThere]);
      }
    }),
    { numRuns: 40 },
  );
});

test('a square swept along its side is as much longer, across it as much larger; along nothing it is itself', () => {
  const square: Outline = { islands: [{ outer: box(0, 0, 1000, 1000), holes: [] }] };
  const sides = (one: Outline) => Object.values(boxOfRings(outlineRings(one))!);
  const right = sweepOutline(square, 500, 0, LEAST);
  expect([outlineArea(right), sides(right)]).toEqual([1_500_000, [0, 0, 1500, 1000]]);
  const down = sweepOutline(square, 0, -700, LEAST);
  expect([outlineArea(down), sides(down)]).toEqual([1_700_000, [0, -700, 1000, 1000]]);
  const across = sweepOutline(square, 300, 400, LEAST);
  expect([outlineArea(across), sides(across)]).toEqual([1_000_000 + 300 * 1000 + 400 * 1000, [0, 0, 1300, 1400]]);
  expect(sweepOutline(square, 0.4, -0.4, LEAST)).toBe(square);
  const empty: Outline = { islands: [] };
  expect(sweepOutline(empty, 9, 9, LEAST)).toBe(empty);
});

test('taken out is what the other covers, and nothing else', () => {
  fc.assert(
    fc.property(anyOutline, anyOutline, fc.integer(), (from, what, seed) => {
      const left = takeOut(from, what, LEAST);
      for (const [x, y] of pointsNear([from, what], seed)) {
        if (distanceToEdges(from, x, y) < 20 || distanceToEdges(what, x, y) < 20) continue;
        expect(isOnInk(left, x, y)).toBe(isOnInk(from, x, y) && !isOnInk(what, x, y));
      }
    }),
    { numRuns: 30 },
  );
  const outline: Outline = { islands: [{ outer: box(0, 0, 900, 900), holes: [] }] };
  expect(takeOut(outline, { islands: [] }, LEAST)).toBe(outline);
  expect(takeOut(outline, outline, LEAST).islands).toEqual([]);
  // What is left over as a crumb goes with it.
  const most: Outline = { islands: [{ outer: box(0, 0, 900, 895), holes: [] }] };
  expect(takeOut(outline, most, 5000).islands).toEqual([]);
  expect(takeOut(outline, most, 4000).islands).toHaveLength(1);
});

test('grown by a distance its edge is everywhere so far away, within its tolerance', () => {
  fc.assert(
    fc.property(
      anyOutline,
      fc.integer({ min: 200, max: 6000 }),
      fc.integer({ min: 5, max: 60 }),
      (outline, distance, tolerance) => {
        const grown = growOutline(outline, { distance, tolerance, leastArea: LEAST });
        for (const ring of outlineRings(grown)) {
          for (let i = 0; i < ring.length; i += 2) {
            expect(Math.abs(distanceToEdges(outline, ring[i]!, ring[i + 1]!) - distance)).toBeLessThan(
              1.6 * tolerance + 2,
            );
          }
        }
      },
    ),
    { numRuns: 25 },
  );
});

test('thinned it lies where it lay, with fewer points', () => {
  const outline = joinRings([disc({ x: 0, y: 0, r: 10_000, n: 720 })], LEAST);
  const thin = thinned(outline, 50, LEAST);
  const [before, after] = [outline, thin].map((one) => one.islands[0]!.outer.length / 2);
  expect(after!).toBeLessThan(before! / 4);
  for (const ring of outlineRings(outline)) {
    for (let i = 0; i < ring.length; i += 2) expect(distanceToEdges(thin, ring[i]!, ring[i + 1]!)).toBeLessThan(110);
  }
});

describe('lines along a path', () => {
  const style = { width: 200, join: 'round', cap: 'butt', miterLimit: 4, tolerance: 1 } as const;
  const drawn = (path: Int32Array, isClosed: boolean, part: Partial<Parameters<typeof strokeRings>[2]> = {}) =>
    joinRings(strokeRings([path], isClosed, { ...style, ...part }), LEAST);
  const line = Int32Array.of(0, 0, 1000, 0);

  test('are half as wide to each side, with the ends that are asked for', () => {
    const areaOf = (cap: 'butt' | 'square' | 'round') => outlineArea(drawn(line, false, { cap }));
    expect(areaOf('butt')).toBeCloseTo(200_000, -3);
    expect(areaOf('square')).toBeCloseTo(240_000, -3);
    expect(areaOf('round') / (200_000 + Math.PI * 10_000)).toBeCloseTo(1, 2);
  });

  test('go round when closed, and leave what they enclose open', () => {
    const square = drawn(box(0, 0, 1000, 1000), true, { join: 'miter' });
    expect(square.islands.map(({ holes }) => holes.length)).toEqual([1]);
    expect(outlineArea(square)).toBeCloseTo(1200 * 1200 - 800 * 800, -3);
  });

  test('have corners as they are asked for', () => {
    const corner = Int32Array.of(0, 0, 1000, 0, 1000, 1000);
    const areas = (['miter', 'bevel', 'round'] as const).map((join) => outlineArea(drawn(corner, false, { join })));
    expect(areas[0]! > areas[1]! && areas[1]! > areas[2]! - 1000).toBe(true);
    // The tip of a needle is cut by its limit.
    const needle = Int32Array.of(0, 0, 5000, 60, 0, 120);
    const reach = (miterLimit: number) =>
      boxOfRings(outlineRings(drawn(needle, false, { join: 'miter', miterLimit })))!.maxX;
    expect(reach(100)).toBeGreaterThan(reach(2) + 1000);
  });
});

test('outlines that are joined are one; a single one is itself', () => {
  const [a, b] = [box(0, 0, 1000, 1000), box(500, 0, 1000, 1000)].map((outer): Outline => ({
    islands: [{ outer, holes: [] }],
  }));
  expect(outlineArea(joinOutlines([a!, b!], LEAST))).toBe(1_500_000);
  expect(joinOutlines([{ islands: [] }, a!], LEAST)).toBe(a);
  expect(joinOutlines([], LEAST).islands).toEqual([]);
  const far: Outline = { islands: [{ outer: box(9000, 0, 100, 100), holes: [] }] };
  expect(joinOutlines([a!, far], 20_000).islands).toHaveLength(1);
});

test('an area is counted once for each outline, and the same again', () => {
  const outline: Outline = {
    islands: [{ outer: box(0, 0, 30, 20), holes: [box(5, 5, 10, 10).reverse()].map(swapped) }],
  };
  expect([outlineArea(outline), outlineArea(outline)]).toEqual([500, 500]);
});

test('islands are cut from left to right, and what lies in the hole of another before that one', () => {
  const island = (x: number, y: number, side: number) => ({
    outer: box(x, y, side, side),
    holes: [swapped(box(x + side / 10, y + side / 10, 0.8 * side, 0.8 * side).reverse())],
  });
  const [right, low, left] = [island(5000, 0, 1000), island(0, 3000, 1000), island(0, 0, 1000)];
  const within = { outer: box(5300, 200, 100, 100), holes: [] };
  expect(cutOrder({ islands: [right, low, left, within] })).toEqual([within, left, low, right]);
  // Neither its x nor its y alone says that it lies within.
  const beside = { outer: box(5300, 4000, 100, 100), holes: [] };
  expect(cutOrder({ islands: [right, left, beside] })).toEqual([left, right, beside]);
});
