import fc from 'fast-check';
import { placedLetters } from '../artwork';
import { EM_UNITS } from '../faces';
import { type Ring, boxOfRings, isPointInRing, joinRings, outlineArea, ringArea, takeOut } from '../geometry';
import { HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, distanceToEdges, shippedFaces } from '../test';
import { formMonogram } from '.';

const faceOf = shippedFaces();
const capOf = (face: string) => faceOf(face).capHeightEm * EM_UNITS;
const drawn = (text: string, face: string) =>
  placedLetters({ no: 0, runs: [aRunOfLetters(text, face)] }, faceOf).map(({ rings }) => rings);
const formed = (text: string, face: string, gapShare = 0.06) =>
  formMonogram('interlaced', { letters: drawn(text, face), capHeight: capOf(face), gap: gapShare * capOf(face) });
const outline = (rings: readonly Ring[]) => joinRings(rings as readonly Int32Array[], 0);
const initials = (n: number) =>
  fc.string({ unit: fc.constantFrom(...'ABCDEGHKMNOPRSTUW'), minLength: n, maxLength: n });

test('letters lie over each other and nowhere touch: the gap is between them all along', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 3 }).chain(initials),
      fc.constantFrom(STAND_BLOCK_SHA, HEAVY_SLAB_SHA),
      fc.constantFrom(0.03, 0.08),
      (text, face, gapShare) => {
        const { letters, lowestShare } = formed(text, face, gapShare)!;
        // The first is over its neighbour, and of three the middle one over both.
        const top = letters.length === 3 ? 1 : 0;
        const gap = gapShare * capOf(face) * lowestShare;
        for (const [i, rings] of letters.entries()) {
          if (i === top) continue;
          expect(rings.length).toBeGreaterThan(0);
          for (const ring of rings) {
            for (let k = 0; k < ring.length; k += 8) {
              const [x, y] = [ring[k]!, ring[k + 1]!];
              const edges = { islands: letters[top]!.map((outer) => ({ outer, holes: [] })) };
              expect(distanceToEdges(edges, x, y)).toBeGreaterThan(0.93 * gap);
            }
          }
        }
      },
    ),
    { numRuns: 12, seed: 3 },
  );
});

test('the one that lies over the others is whole; of the others the greater part is there, and no splinter', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 3 }).chain(initials), (text) => {
      const face = STAND_BLOCK_SHA;
      const { letters, lowestShare } = formed(text, face)!;
      const top = letters.length === 3 ? 1 : 0;
      const areas = drawn(text, face).map((rings) => outlineArea(outline(rings)) * lowestShare ** 2);
      for (const [i, rings] of letters.entries()) {
        const area = outlineArea(outline(rings));
        if (i === top) expect(area / areas[i]!).toBeCloseTo(1, 2);
        else {
          expect(area).toBeLessThan(areas[i]!);
          expect(area).toBeGreaterThan(0.4 * areas[i]!);
          for (const { outer } of outline(rings).islands) {
            expect(Math.abs(ringArea(outer))).toBeGreaterThan((0.1 * capOf(face) * lowestShare) ** 2);
          }
        }
      }
    }),
    { numRuns: 20, seed: 5 },
  );
});

test('it begins at x = 0, is as tall as the form, and every other letter stands lower', () => {
  const face = STAND_BLOCK_SHA;
  const { letters, lowestShare, between } = formed('HKN', face)!;
  const box = boxOfRings(letters.flat())!;
  expect(box.minX).toBe(0);
  expect((box.maxY - box.minY) / capOf(face)).toBeCloseTo(1, 1);
  const feet = letters.map((rings) => boxOfRings(rings)!.maxY);
  expect(feet[0]).toBe(feet[2]);
  expect((feet[1]! - feet[0]!) / capOf(face)).toBeCloseTo(0.24 * lowestShare, 2);
  expect(between).toEqual([]);
  expect([formed('A', face), formed('ABCD', face)]).toEqual([null, null]);
});

test('strokes that all cross right through pass over and under by turns', () => {
  // Two bars across two posts: four crossings of the post on the left, one above the other.
  const bar = (x: number, y: number, width: number, height: number) =>
    Int32Array.from([x, y, x + width, y, x + width, y + height, x, y + height]);
  const comb = [bar(0, -1000, 120, 1000), bar(0, -900, 700, 90), bar(0, -500, 700, 90)];
  const post = [bar(0, -1000, 120, 1000), bar(300, -1000, 120, 1000)];
  const found = formMonogram('interlaced', { letters: [comb, post], capHeight: 1000, gap: 20 })!;
  const [left, right] = found.letters.map((rings) => outline(rings));
  // Neither is whole, and neither covers the other.
  expect(left!.islands.length + right!.islands.length).toBeGreaterThan(2);
  const [x, y] = [right!.islands[0]!.outer[0]!, right!.islands[0]!.outer[1]!];
  expect(left!.islands.some(({ outer }) => isPointInRing(x, y, outer))).toBe(false);
  expect(outlineArea(takeOut(left!, right!, 0))).toBeCloseTo(outlineArea(left!), -2);
});

test('a letter without any area is none to lie over or under', () => {
  const [letter] = drawn('H', STAND_BLOCK_SHA);
  const flat = [Int32Array.of(0, 0, 40_000, 0, 80_000, 0)];
  const capHeight = capOf(STAND_BLOCK_SHA);
  for (const letters of [
    [letter!, flat],
    [flat, letter!],
    [letter!, flat, letter!],
  ])
    expect(formMonogram('interlaced', { letters, capHeight, gap: 0.06 * capHeight })).toBeNull();
});
