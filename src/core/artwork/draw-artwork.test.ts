import { boxOfRings, outlineRings, ringArea } from '../geometry';
import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, anArtwork } from '../test';

const script = BRASS_SCRIPT_SHA;
const block = STAND_BLOCK_SHA;

const holesOf = (text: string, face = block) =>
  anArtwork(face, [text]).outline.islands.reduce((sum, { holes }) => sum + holes.length, 0);

test('a script word whose letters overlap becomes one island', () => {
  const { outline } = anArtwork(script, ['amelia']);
  const letters = [...'amelia'].reduce((sum, letter) => sum + anArtwork(script, [letter]).outline.islands.length, 0);
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
    anArtwork(block, [text]).outline.islands.reduce(
      (sum, { outer, holes }) => sum + ringArea(outer) + holes.reduce((inner, hole) => inner + ringArea(hole), 0),
      0,
    );
  expect(area('HON') / (area('H') + area('O') + area('N'))).toBeCloseTo(1, 6);
});

test('an accent typed apart draws the same as one typed whole', () => {
  const apart = anArtwork(script, ['Zoe\u0308']);
  const whole = anArtwork(script, ['Zo\u00eb']);
  expect(apart.missing).toEqual([]);
  expect(apart.inkBox).toEqual(whole.inkBox);
});

test('unknown characters are named once each and not drawn', () => {
  const { missing, inkBox } = anArtwork(block, ['A漢漢字']);
  expect(missing.map(({ character }) => character)).toEqual(['漢', '字']);
  expect(inkBox!.maxX).toBe(anArtwork(block, ['A']).inkBox!.maxX);
});

test('a control character is named even where a face maps it to nothing, so that it is not dropped silently', () => {
  for (const face of [script, block]) {
    expect(anArtwork(face, ['A\u0000B']).missing).toMatchObject([{ character: '\u0000' }]);
    expect(anArtwork(face, ['A\u0007B']).missing).toMatchObject([{ character: '\u0007' }]);
  }
});

test('space alone has no ink and misses nothing', () => {
  expect(anArtwork(block, [' '])).toMatchObject({ inkBox: null, missing: [] });
});

test('strange input is a finding, never a crash', () => {
  for (const text of ['', '\u0000', '\ud800', '🎺', 'a\u0301\u0301\u0301', '\u202e', 'x'.repeat(300)]) {
    expect(() => anArtwork(script, [text])).not.toThrow();
  }
  expect(anArtwork(script, ['🎺']).missing).toMatchObject([{ character: '🎺', line: 0, run: 0 }]);
});

test('y grows downwards from the baseline', () => {
  const { inkBox, capHeightEm } = anArtwork(block, ['H']);
  expect(inkBox!.minY).toBe(Math.round(-capHeightEm * 1_000_000));
  // A rounded face dips a little below the line.
  expect(inkBox!.maxY).toBeGreaterThanOrEqual(0);
  expect(inkBox!.maxY).toBeLessThan(20_000);
});

test('lines stand one below the other with their ink centred', () => {
  const one = anArtwork(block, ['HIH']).inkBox!;
  const two = anArtwork(block, ['HIH', 'I']);
  const rings = [...outlineRings(two.outline)].map((ring) => boxOfRings([ring])!);
  const lower = rings.filter(({ minY }) => minY > 0);
  expect(lower).toHaveLength(1);
  expect((lower[0]!.minX + lower[0]!.maxX) / 2).toBeCloseTo((two.inkBox!.minX + two.inkBox!.maxX) / 2, -2);
  expect(two.inkBox!.maxX - two.inkBox!.minX).toBe(one.maxX - one.minX);
  expect(two.inkBox!.maxY - two.inkBox!.minY).toBeGreaterThan(2 * (one.maxY - one.minY));
  expect(anArtwork(block, []).inkBox).toBeNull();
});

test('the centre of a monogram is taller, on the middle of the others, and touches none', () => {
  const { outline } = anArtwork(block, [
    [aRunOfLetters('H', block), aRunOfLetters('H', block, { isTall: true }), aRunOfLetters('H', block)],
  ]);
  const boxes = [...outlineRings(outline)].map((ring) => boxOfRings([ring])!).sort((a, b) => a.minX - b.minX);
  const [left, centre, right] = boxes;
  expect(boxes).toHaveLength(3);
  expect((centre!.maxY - centre!.minY) / (left!.maxY - left!.minY)).toBeCloseTo(1.6, 2);
  // Within the rounding of flattened curves: a hundredth of an em.
  expect(Math.abs(centre!.maxY + centre!.minY - left!.maxY - left!.minY)).toBeLessThan(20_000);
  expect(centre!.minX).toBeGreaterThan(left!.maxX);
  expect(right!.minX).toBeGreaterThan(centre!.maxX);
});
