import fc from 'fast-check';
import { type Ring, backwardRing, joinRings, mapOutline, outlineArea, outlineRings, sweepOutline } from '../geometry';
import { SHIPPED_FACES } from '../shop';
import { box, capOf, formed, initials, lettersOf } from '../test/formed-monograms';
import { lookAcross, narrowedRings } from './narrowed';

const faceNamed = (name: string) => SHIPPED_FACES.find((face) => face.name.startsWith(name))!.sha;
const SERIF = faceNamed('Cinzel');
const SLAB = faceNamed('Zilla');
const rect = (x: number, y: number, w: number, h: number): Ring =>
  Int32Array.from([x, y, x + w, y, x + w, y + h, x, y + h]);
const areaOf = (rings: readonly Ring[]) => outlineArea(joinRings(rings, 0));

test('strokes and what is open between them are those of most heights; what encloses nothing from both sides has nothing open', () => {
  // An H with stems of 20 and 60 between them, its bar as low as a tenth; an L; a stem whose contours lie over each other.
  const h = [rect(0, -100, 20, 100), rect(80, -100, 20, 100), rect(10, -50, 80, 10)];
  const l = [rect(0, -100, 20, 100), rect(0, -12, 60, 12)];
  const doubled = [rect(0, -100, 15, 100), rect(5, -100, 15, 100)];
  expect(lookAcross([h, l, doubled], 100)).toEqual({ stem: 20, open: [60, null, null] });
  expect(lookAcross([h.map(backwardRing)], 100)).toEqual({ stem: 20, open: [60] });
  // Of several the narrowest.
  expect(lookAcross([[0, 50, 90].map((x) => rect(x, -100, 10, 100))], 100)).toEqual({ stem: 10, open: [30] });
  // Marks beside each other are as near as they are, above what is open below them or above nothing.
  const marks = [rect(0, -130, 12, 20), rect(20, -130, 12, 20)];
  expect(
    lookAcross(
      [
        [...h, ...marks],
        [rect(10, -100, 20, 100), ...marks],
      ],
      100,
    ),
  ).toEqual({ stem: 20, open: [8, 8] });
  // A round head is none.
  expect(lookAcross([[...h, rect(0, -104, 3, 4), rect(5, -104, 3, 4)]], 100)!.open).toEqual([60]);
  expect(lookAcross([[], []], 100)).toBeNull();
});

test('narrowed letters are all that theirs pass over when they are moved across, whichever way their rings run', () => {
  fc.assert(
    fc.property(
      initials,
      fc.constantFrom(SERIF, SLAB),
      fc.integer({ min: 30, max: 62 }),
      fc.integer({ min: 1, max: 60 }),
      (text, face, percent, thousandths) => {
        const wider = 2 * Math.round((thousandths * capOf(face)) / 2000);
        for (const rings of lettersOf(text, face)) {
          const narrow = rings.map((ring) =>
            ring.map((value, i) => (i % 2 === 0 ? Math.round((value * percent) / 100) : value)),
          );
          const exact = sweepOutline(mapOutline(joinRings(narrow, 0), 1, 1, -wider / 2, 0), wider, 0, 0);
          const own = narrowedRings(rings, capOf(face), { share: percent / 100, wider });
          expect(Math.abs(areaOf(own) / outlineArea(exact) - 1)).toBeLessThan(1e-4);
          const [a, b] = [box(own), box([...outlineRings(exact)])];
          for (const side of ['minX', 'minY', 'maxX', 'maxY'] as const)
            expect(Math.abs(a[side] - b[side])).toBeLessThanOrEqual(1);
          const backward = narrowedRings(rings.map(backwardRing), capOf(face), { share: percent / 100, wider });
          expect(areaOf(backward)).toBeCloseTo(areaOf(own), -3);
        }
      },
    ),
    { numRuns: 12, seed: 7 },
  );
});

test('a stem becomes wider by what is asked, what is level keeps its thickness, and a slot that is no wider is closed', () => {
  const [stem] = narrowedRings([rect(0, -100, 20, 100)], 100, { share: 0.5, wider: 6 });
  expect(box([stem!])).toEqual({ minX: -3, minY: -100, maxX: 13, maxY: 0 });
  expect(narrowedRings([rect(0, -100, 20, 100)], 100, { share: 0.5, wider: 0 })).toEqual([rect(0, -100, 10, 100)]);
  // A block of 200 with a hole of 8 and one of 40.
  const block = [rect(0, -100, 200, 100), backwardRing(rect(20, -80, 8, 60)), backwardRing(rect(100, -80, 40, 60))];
  const outline = joinRings(narrowedRings(block, 100, { share: 0.5, wider: 6 }), 0);
  expect(outline.islands.map(({ holes }) => holes.map((hole) => box([hole])))).toEqual([
    [{ minX: 53, minY: -80, maxX: 67, maxY: -20 }],
  ]);
});

test('of a face with room between its strokes letters come nearer to a circle, and no stroke is less than five eighths of what it was', () => {
  const widthOf = (text: string, face: string) => {
    const { minX, maxX } = box(formed('square', text, face)!.letters.flat());
    return (maxX - minX) / capOf(face);
  };
  for (const text of ['MFH', 'SPM', 'HEN', 'ATV']) {
    for (const face of [SERIF, SLAB]) {
      const cap = capOf(face);
      const letters = lettersOf(text, face);
      const natural = letters.reduce((sum, rings) => sum + box(rings).maxX - box(rings).minX, 0) / cap;
      // Drawn at five eighths of their width they would be as wide as this, gaps and all.
      expect(widthOf(text, face)).toBeLessThan(0.625 * natural + 0.14);
      const { stem, open } = lookAcross(letters, cap)!;
      const own = lookAcross(formed('square', text, face)!.letters, cap)!;
      expect(own.stem).toBeGreaterThan(0.6 * stem);
      own.open.forEach((one, i) => {
        expect(one === null).toBe(open[i] === null);
        if (one !== null) expect(one).toBeGreaterThan(0.3 * 0.625 * stem);
      });
    }
  }
});
