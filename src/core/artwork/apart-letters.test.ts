import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, SHIPPED_FACES } from '../shop';
import { aRunOfLetters, shippedFaces } from '../test';
import { joinRings } from '../geometry';
import { apartLetters, isJoinedFace, placedLetters } from '.';

const faceOf = shippedFaces();
const word = (text: string, face = BRASS_SCRIPT_SHA, part = {}) => ({ no: 0, runs: [aRunOfLetters(text, face, part)] });
const SCRIPTS = SHIPPED_FACES.filter(({ sha }) => isJoinedFace(faceOf(sha)));

test('neighbours that do not touch are those which come off the film apart, as their outlines joined tell', () => {
  let numApart = 0;
  for (const { sha } of SCRIPTS) {
    for (const text of ['roberta', 'lovisa', 'torsten', 'xaver', 'kirsten']) {
      const line = word(text, sha);
      const letters = placedLetters(line, faceOf);
      const apart = letters.slice(1).flatMap(({ rings, character }, i) => {
        const left = letters[i]!;
        const islands = (of: readonly Int32Array[]) => joinRings(of, 0).islands.length;
        const isOne = islands([...left.rings, ...rings]) < islands(left.rings) + islands(rings);
        return isOne ? [] : [[left.character, character]];
      });
      expect(apartLetters(line, faceOf).map(({ letters: pair }) => pair)).toEqual(apart);
      numApart += apart.length;
    }
  }
  expect(numApart).toBeGreaterThan(5);
});

test('capitals, words, faces that stand apart, and gaps that somebody chose are no news', () => {
  const apart = (...runs: ReturnType<typeof aRunOfLetters>[]) =>
    apartLetters({ no: 0, runs }, faceOf).map(({ letters }) => letters.join(''));
  const script = (text: string, part = {}) => aRunOfLetters(text, BRASS_SCRIPT_SHA, part);
  expect(apart(script('rt'))).toEqual(['rt']);
  expect(apart(script('Rt'))).toEqual([]);
  expect(apart(script('r t'))).toEqual([]);
  expect(apart(aRunOfLetters('rt', STAND_BLOCK_SHA))).toEqual([]);
  expect(apart(script('r', { own: { toNext: { kind: 'gap', share: 0.2 } } }), script('t'))).toEqual([]);
  expect(apart(script('r', { own: { toNext: { kind: 'bridged' } } }), script('t'))).toEqual([]);
  expect(apart(script('r', { own: { toNext: { kind: 'joined' } } }), script('t'))).toEqual([]);
  expect(apart(script('r'), aRunOfLetters('t', STAND_BLOCK_SHA))).toEqual([]);
});

test('a letter that joins nothing in its face was drawn so, and where it stands is told', () => {
  const [first, ...others] = apartLetters(
    { no: 0, runs: [aRunOfLetters('an', BRASS_SCRIPT_SHA), aRunOfLetters('ert', BRASS_SCRIPT_SHA)] },
    faceOf,
  );
  expect(others).toEqual([]);
  expect(first).toEqual({ letters: ['r', 't'], run: 1, at: 1, isUsual: false });
  const wide = SHIPPED_FACES.find(({ name }) => name === 'Lobster Regular')!;
  expect(apartLetters(word('rn', wide.sha), faceOf)).toMatchObject([{ isUsual: true }]);
});
