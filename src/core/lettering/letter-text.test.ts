import { boxOfRings, outlineRings, ringArea } from '../geometry';
import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA } from '../shop';
import { shippedFaces } from '../test';
import { letterLines, letterText } from '.';

const PLAIN = { trackingEm: 0, features: [] };
const script = shippedFaces()(BRASS_SCRIPT_SHA);
const block = shippedFaces()(STAND_BLOCK_SHA);

const holesOf = (text: string, face = block) =>
  letterText(face, text, PLAIN).outline.islands.reduce((sum, { holes }) => sum + holes.length, 0);

test('a script word whose letters overlap becomes one island', () => {
  const { outline } = letterText(script, 'amelia', PLAIN);
  const letters = [...'amelia'].reduce(
    (sum, letter) => sum + letterText(script, letter, PLAIN).outline.islands.length,
    0,
  );
  expect(outline.islands).toHaveLength(2); // the joined word, and the dot of the i
  expect(letters).toBe(7);
});

test('the holes of block letters are kept, whatever the letters', () => {
  expect(holesOf('HAB')).toBe(3);
  expect(holesOf('o8')).toBe(3);
  expect(holesOf('ITL')).toBe(0);
});

test('joining loses no ink: the area is that of the letters where none overlap', () => {
  const area = (text: string) =>
    letterText(block, text, PLAIN).outline.islands.reduce(
      (sum, { outer, holes }) => sum + ringArea(outer) + holes.reduce((inner, hole) => inner + ringArea(hole), 0),
      0,
    );
  expect(area('HON') / (area('H') + area('O') + area('N'))).toBeCloseTo(1, 6);
});

test('an accent typed apart draws the same as one typed whole', () => {
  const apart = letterText(script, 'Zoe\u0308', PLAIN);
  const whole = letterText(script, 'Zo\u00eb', PLAIN);
  expect(apart.missing).toEqual([]);
  expect(apart.inkBox).toEqual(whole.inkBox);
});

test('unknown characters are named once each and not drawn', () => {
  const { missing, inkBox } = letterText(block, 'A漢漢字', PLAIN);
  expect(missing).toEqual(['漢', '字']);
  expect(inkBox!.maxX).toBe(letterText(block, 'A', PLAIN).inkBox!.maxX);
});

test('a control character is named even where a face maps it to nothing, so that it is not dropped silently', () => {
  for (const face of [script, block]) {
    expect(letterText(face, 'A\u0000B', PLAIN).missing).toEqual(['\u0000']);
    expect(letterText(face, 'A\u0007B', PLAIN).missing).toEqual(['\u0007']);
  }
});

test('space alone has no ink and misses nothing', () => {
  expect(letterText(block, ' ', PLAIN)).toMatchObject({ inkBox: null, missing: [] });
});

test('strange input is a finding, never a crash', () => {
  for (const text of ['', '\u0000', '\ud800', '🎺', 'a\u0301\u0301\u0301', '\u202e', 'x'.repeat(300)]) {
    expect(() => letterText(script, text, PLAIN)).not.toThrow();
  }
  expect(letterText(script, '🎺', PLAIN).missing).toEqual(['🎺']);
});

test('y grows downwards from the baseline', () => {
  const { inkBox, capHeightEm } = letterText(block, 'H', PLAIN);
  expect(inkBox!.minY).toBe(Math.round(-capHeightEm * 1_000_000));
  // A rounded face dips a little below the line.
  expect(inkBox!.maxY).toBeGreaterThanOrEqual(0);
  expect(inkBox!.maxY).toBeLessThan(20_000);
});

test('lines stand one below the other with their ink centred', () => {
  const line = (text: string) => ({ text, large: null });
  const one = letterText(block, 'HIH', PLAIN).inkBox!;
  const two = letterLines(block, [line('HIH'), line('I')], PLAIN);
  const rings = [...outlineRings(two.outline)].map((ring) => boxOfRings([ring])!);
  const lower = rings.filter(({ minY }) => minY > 0);
  expect(lower).toHaveLength(1);
  expect((lower[0]!.minX + lower[0]!.maxX) / 2).toBeCloseTo((two.inkBox!.minX + two.inkBox!.maxX) / 2, -2);
  expect(two.inkBox!.maxX - two.inkBox!.minX).toBe(one.maxX - one.minX);
  expect(two.inkBox!.maxY - two.inkBox!.minY).toBeGreaterThan(2 * (one.maxY - one.minY));
  expect(letterLines(block, [], PLAIN).inkBox).toBeNull();
});

test('the centre of a monogram is taller, on the middle of the others, and touches none', () => {
  const { outline } = letterLines(block, [{ text: 'HHH', large: { at: 1, length: 1 } }], PLAIN);
  const boxes = [...outlineRings(outline)].map((ring) => boxOfRings([ring])!).sort((a, b) => a.minX - b.minX);
  const [left, centre, right] = boxes;
  expect(boxes).toHaveLength(3);
  expect((centre!.maxY - centre!.minY) / (left!.maxY - left!.minY)).toBeCloseTo(1.6, 2);
  // Within the rounding of flattened curves: a hundredth of an em.
  expect(Math.abs(centre!.maxY + centre!.minY - left!.maxY - left!.minY)).toBeLessThan(20_000);
  expect(centre!.minX).toBeGreaterThan(left!.maxX);
  expect(right!.minX).toBeGreaterThan(centre!.maxX);
});
