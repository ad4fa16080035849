import { BRASS_SCRIPT_SHA, SHIPPED_FACES, STAND_BLOCK_SHA } from '../shop';
import { shippedFaces } from '../test';
import { ABSENT_FACE } from '../faces';
import { faceFacts } from '.';

const faceOf = shippedFaces();
const finest = { strokeMm: 1, gapMm: 0.8, holeMm: 1 };
const facts = (face: string, texts: readonly string[], letterHeightMm = 20) =>
  faceFacts({ face, texts, letterHeightMm, finest }, faceOf);
const shaOf = (name: string) => SHIPPED_FACES.find((one) => one.name === name)!.sha;

test('islands and holes of all texts are counted, and the widest tells how wide', () => {
  // B has two holes, o one, l none; i is in two parts.
  expect(facts(STAND_BLOCK_SHA, ['l']).numToWeed).toBe(1);
  expect(facts(STAND_BLOCK_SHA, ['Bo']).numToWeed).toBe(5);
  expect(facts(STAND_BLOCK_SHA, ['Bo', 'li']).numToWeed).toBe(8);
  const [one, both] = [facts(STAND_BLOCK_SHA, ['Bo']), facts(STAND_BLOCK_SHA, ['l', 'Bo', 'i'])];
  expect(both.widestMm).toBe(one.widestMm);
});

test('lengths grow with the letters, and strokes are those of the letter', () => {
  const small = facts(STAND_BLOCK_SHA, ['Ilse'], 10);
  const large = facts(STAND_BLOCK_SHA, ['Ilse'], 40);
  expect(large.widestMm / small.widestMm).toBeCloseTo(4, 6);
  expect(large.nearMm! / small.nearMm!).toBeCloseTo(4, 6);
  expect(large.strokeMm! / small.strokeMm!).toBeCloseTo(4, 1);
  // Its capital I is a bar; at capitals of 20 mm it is some 5 mm wide, and thinner strokes are elsewhere.
  const bar = facts(STAND_BLOCK_SHA, ['I']);
  expect(bar.strokeMm).toBeCloseTo(bar.widestMm, 1);
});

test('a script joins, so that its letters have no distance; a face whose letters stand apart has one', () => {
  expect(facts(BRASS_SCRIPT_SHA, ['Ilse'])).toMatchObject({ isJoined: true, nearMm: null });
  const block = facts(STAND_BLOCK_SHA, ['Ilse']);
  expect(block.isJoined).toBe(false);
  expect(block.nearMm!).toBeGreaterThan(0);
  expect(facts(STAND_BLOCK_SHA, ['I', 'l']).nearMm).toBeNull();
});

test('what is missing, uneven or not here is told once', () => {
  expect(facts(BRASS_SCRIPT_SHA, ['Ελη', 'Ελη']).missing).toEqual(['Ε', 'λ', 'η']);
  expect(facts(STAND_BLOCK_SHA, ['1931']).unevenFigures).toEqual([]);
  expect(facts(shaOf('Limelight Regular'), ['1931', '1913']).unevenFigures.length).toBeLessThanOrEqual(3);
  const absent = faceFacts({ face: 'gone', texts: ['Bo'], letterHeightMm: 20, finest }, () => ABSENT_FACE);
  expect(absent).toMatchObject({ isAbsent: true, missing: ['B', 'o'], numToWeed: 0, widestMm: 0, strokeMm: null });
});

test('the smallest hole is told where the film does not take it', () => {
  const fine = facts(STAND_BLOCK_SHA, ['ae'], 6);
  expect(fine.holeMm!).toBeGreaterThan(0);
  expect(facts(STAND_BLOCK_SHA, ['Il'], 6).holeMm).toBeNull();
});
