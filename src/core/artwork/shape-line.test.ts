import type { PartFeature } from '../faces';
import { SHIPPED_FACES, STAND_BLOCK_SHA } from '../shop';
import { boxOfRings } from '../geometry';
import { aRunOfLetters, shippedFaces } from '../test';
import { type PlacedLetter, placedLetters } from '.';

const faceOf = shippedFaces();
const shaOf = (name: string) => SHIPPED_FACES.find((face) => face.name === name)!.sha;
/** It has Hebrew and Arabic letters beside Latin ones. */
const WIDE = SHIPPED_FACES.find(({ sha }) => {
  const { glyphs } = faceOf(sha).shape('שנ', [], 0);
  return glyphs.every(({ glyphId }) => glyphId !== 0);
})!.sha;

/** Characters from left to right as they stand. */
function asTheyStand(...texts: string[]): string {
  const letters = placedLetters({ no: 0, runs: texts.map((text) => aRunOfLetters(text, WIDE)) }, faceOf);
  return letters
    .filter(({ rings }) => rings.length > 0)
    .map(({ character, rings }) => ({ character, x: boxOfRings(rings)!.minX }))
    .sort((a, b) => a.x - b.x)
    .map(({ character }) => character)
    .join('');
}

/** Its outline, wherever it stands. */
const asItIs = ({ rings }: PlacedLetter) => {
  const { minX } = boxOfRings(rings)!;
  return rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? value - minX : value)).join()).join(' ');
};

test('mixed directions stand as they are read: words of each their way, and figures from the left', () => {
  expect(asTheyStand('אבגד')).toBe('דגבא');
  expect(asTheyStand('Bo אבג 12')).toBe('Bo12גבא');
  expect(asTheyStand('אב Bo 12')).toBe('Bo12בא');
  expect(asTheyStand('אבג 1998')).toBe('1998גבא');
  // Cut from several films, it stands the same.
  expect(asTheyStand('אב', 'ג 19', '98')).toBe('1998גבא');
});

test('a part in another face stands where it is read', () => {
  const runs = [aRunOfLetters('אב', WIDE), aRunOfLetters('12', STAND_BLOCK_SHA)];
  const letters = placedLetters({ no: 0, runs }, faceOf);
  const x = (character: string) => boxOfRings(letters.find((one) => one.character === character)!.rings)!.minX;
  expect(x('1')).toBeLessThan(x('2'));
  expect(x('2')).toBeLessThan(x('ב'));
  expect(x('ב')).toBeLessThan(x('א'));
});

test('other letters are asked for one letter of a word alone, which is shaped with its neighbours', () => {
  const face = shaOf('Pacifico Regular');
  const ids = (features: readonly string[], partFeatures: readonly PartFeature[] = []) =>
    faceOf(face)
      .shape('Halla', features, 0, { partFeatures })
      .glyphs.map(({ glyphId }) => glyphId);
  const plain = ids([]);
  const { feature } = faceOf(face).alternates.find((one) => ids([one.feature]).join() !== plain.join())!;
  const at = ids([feature]).findIndex((id, i) => id !== plain[i]);
  const one = ids([], [{ feature, start: at, end: at + 1 }]);
  expect(one[at]).not.toBe(plain[at]);
  expect(one.filter((id, i) => id !== plain[i])).toHaveLength(1);

  const drawn = (own: readonly number[]) =>
    placedLetters(
      {
        no: 0,
        runs: [...'Halla'].map((letter, i) => ({
          ...aRunOfLetters(letter, face),
          features: own.includes(i) ? [feature] : [],
        })),
      },
      faceOf,
    ).map(asItIs);
  const whole = placedLetters({ no: 0, runs: [aRunOfLetters('Halla', face)] }, faceOf).map(asItIs);
  expect(drawn([])).toEqual(whole);
  expect(drawn([at]).map((rings, i) => rings === whole[i])).toEqual(whole.map((_, i) => i !== at));
});
