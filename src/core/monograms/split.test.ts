import fc from 'fast-check';
import { type Ring, boxOfRings, boxRing, joinRings, outlineArea } from '../geometry';
import { splitHeight, splitRings } from '.';

const bar = (minX: number, minY: number, maxX: number, maxY: number) => boxRing({ minX, minY, maxX, maxY });
const box = (rings: readonly Ring[]) => boxOfRings(rings)!;
const area = (rings: readonly Ring[]) => outlineArea(joinRings(rings as readonly Int32Array[], 0));

test('letters are split beside a bar, on the side where it is nearer to the middle, and clear of its edge', () => {
  const posts = [bar(0, -1000, 100, 0), bar(400, -1000, 500, 0)];
  const across = (top: number, foot: number) => joinRings([...posts, bar(0, top, 500, foot)], 0).islands[0]!.outer;
  const high = [across(-600, -500)];
  expect(splitHeight(high, box(high))).toBeGreaterThan(-500 + 34);
  expect(splitHeight(high, box(high))).toBeLessThan(-500 + 80);
  const low = [across(-500, -400)];
  expect(splitHeight(low, box(low))).toBeLessThan(-500 - 34);
  expect(splitHeight(low, box(low))).toBeGreaterThan(-500 - 80);
  // Nothing in the way: the middle.
  expect(Math.abs(splitHeight(posts, box(posts)) + 500)).toBeLessThan(12);
});

test('a little less ink far from the middle is not worth it', () => {
  const taper = Int32Array.from([0, -1000, 60, -1000, 60, -630, 100, -630, 100, 0, 0, 0]);
  const slim = [taper, bar(400, -1000, 500, 0)];
  expect(Math.abs(splitHeight(slim, box(slim)) + 500)).toBeLessThan(12);
  const slimmer = [Int32Array.from([0, -1000, 20, -1000, 20, -590, 100, -590, 100, 0, 0, 0]), bar(400, -1000, 500, 0)];
  expect(splitHeight(slimmer, box(slimmer))).toBeLessThan(-590);
});

test('a hole is no ink: a ring is split in its middle', () => {
  const ring = [bar(0, -1000, 1000, 0), Int32Array.from([200, -800, 200, -200, 800, -200, 800, -800])];
  expect(Math.abs(splitHeight(ring, box(ring)) + 500)).toBeLessThan(12);
});

test('what lies above goes up and what lies below goes down, with all of its ink', () => {
  fc.assert(
    fc.property(fc.integer({ min: -900, max: -100 }), fc.integer({ min: 0, max: 300 }), (y, by) => {
      const rings = [bar(0, -1000, 300, 0), bar(400, -1000, 500, -950), bar(600, -50, 700, 0)];
      const split = splitRings(rings, y, { up: by, down: 2 * by });
      expect(area(split)).toBeCloseTo(area(rings), -1);
      const own = box(split);
      expect([own.minY, own.maxY]).toEqual([-1000 - by, 2 * by]);
      for (const ring of split) {
        const { minY, maxY } = box([ring]);
        expect(maxY <= y - by || minY >= y + 2 * by).toBe(true);
      }
      expect(split).toHaveLength(4);
    }),
    { numRuns: 20 },
  );
});

test('a hole that is cut is open on both sides', () => {
  const frame = [bar(0, -100, 100, 0), Int32Array.from([20, -80, 20, -20, 80, -20, 80, -80])];
  const split = joinRings(splitRings(frame, -50, { up: 0, down: 40 }), 0);
  expect(split.islands).toHaveLength(2);
  expect(split.islands.every(({ holes }) => holes.length === 0)).toBe(true);
  expect(outlineArea(split)).toBe(100 * 100 - 60 * 60);
});

test('slanted strokes are cut just where they cross the height, also of a number between two', () => {
  const slanted = [Int32Array.from([0, -1000, 1000, 0, 1200, 0, 200, -1000])];
  for (const y of [-750, -420.5, -100]) {
    const [above, below] = splitRings(slanted, y, { up: 0, down: 0 });
    const at = Math.round(1000 + y);
    const cut = (ring: Ring) =>
      Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const)
        .filter(([, py]) => py === Math.trunc(y))
        .map(([px]) => px)
        .sort((a, b) => a - b);
    expect(cut(above!)).toEqual([at, at + 200]);
    expect(cut(below!)).toEqual([at, at + 200]);
  }
});
