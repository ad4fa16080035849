import { SHIPPED_FACES, STAND_BLOCK_SHA } from '../shop';
import { shippedFaces } from '../test';
import { ABSENT_FACE, isOtherwise } from '.';

const faceOf = shippedFaces();

test.each(SHIPPED_FACES)('$name offers each set once, in order, and only what is chosen by eye', ({ sha }) => {
  const features = faceOf(sha).alternates.map(({ feature }) => feature);
  expect(features).toEqual([...new Set(features)].toSorted());
  for (const feature of features) expect(feature).not.toMatch(/^(liga|calt|kern|ccmp|locl|rlig|clig|mark)$/);
});

test('a set changes the letters that it is for, and no others', () => {
  const face = faceOf(STAND_BLOCK_SHA);
  expect(face.alternates.map(({ feature }) => feature)).toEqual(expect.arrayContaining(['ss01', 'ss02']));
  const changes = (text: string, feature: string) =>
    isOtherwise(face.shape(text, [], 0), face.shape(text, [feature], 0));
  expect([changes('a', 'ss01'), changes('l', 'ss01')]).toEqual([true, false]);
  expect([changes('a', 'ss02'), changes('l', 'ss02')]).toEqual([false, true]);
  expect(changes('Bo', 'ss01')).toBe(false);
});

test('another number of glyphs is otherwise, also where it begins alike', () => {
  const face = faceOf(STAND_BLOCK_SHA);
  expect(isOtherwise(face.shape('ab', [], 0), face.shape('a', [], 0))).toBe(true);
  expect(isOtherwise(face.shape('a', [], 0), face.shape('ab', [], 0))).toBe(true);
  expect(isOtherwise(face.shape('ab', [], 0), face.shape('ab', [], 0.1))).toBe(false);
});

test('a face that is not here offers nothing', () => {
  expect(ABSENT_FACE.alternates).toEqual([]);
});
