import { artCache } from '../artwork';
import { checkedReport, measuredReport } from '../checks';
import { changeLettering, setOverrides } from '../edit';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { type OwnLetter, type RunSpec, MOST_OWN_LETTERS } from '../spec';
import { aRun, seededBytes, shippedFaces } from '../test';
import { remediesFor } from '.';

const cache = artCache(shippedFaces());
const bridgesOf = (spec: RunSpec, index = 0) =>
  remediesFor({ spec, report: fitAll(resolveSlots(spec), cache), cache }, index).filter(
    ({ kind }) => kind === 'bridge',
  );
const reported = (spec: RunSpec, index = 0) =>
  measuredReport(checkedReport(resolveSlots(spec), cache), cache).fits[index]!;
const notesOf = (spec: RunSpec) => reported(spec).findings.filter(({ kind }) => kind === 'lettersUnjoined');
const withLetters = (spec: RunSpec, letters: readonly OwnLetter[], index = 0) =>
  setOverrides(spec, [resolveSlots(spec)[index]!.ref], { kind: 'letters', letters }, seededBytes(3));
const numIslands = (spec: RunSpec) => reported(spec).fit.artwork.outline.islands.length;

test('letters of a script that do not touch are noted, and one island less once they are bridged', () => {
  const spec = aRun(['Albert', 'Anna']);
  expect(notesOf(spec)).toEqual([{ kind: 'lettersUnjoined', severity: 'note', pairs: ['rt'] }]);
  const [offer, ...others] = bridgesOf(spec);
  expect(others).toEqual([]);
  expect(offer!.sets).toEqual([
    { kind: 'letters', letters: [{ line: 0, no: 4, character: 'r', toNext: { kind: 'bridged' } }] },
  ]);
  const [set] = offer!.sets;
  const taken = setOverrides(spec, [resolveSlots(spec)[0]!.ref], set!, seededBytes(3));
  expect(notesOf(taken)).toEqual([]);
  expect(numIslands(taken)).toBe(numIslands(spec) - 1);
  expect(bridgesOf(taken)).toEqual([]);
  expect(bridgesOf(spec, 1)).toEqual([]);
});

test('letters that are set otherwise stay so, as many as a text may have', () => {
  const spec = withLetters(aRun(['Albert']), [
    { line: 0, no: 0, character: 'A', up: 0.1 },
    { line: 0, no: 4, character: 'r', turnDeg: 2 },
  ]);
  const [set] = bridgesOf(spec)[0]!.sets;
  expect(set!.kind === 'letters' && set!.letters).toEqual([
    { line: 0, no: 0, character: 'A', up: 0.1 },
    { line: 0, no: 4, character: 'r', turnDeg: 2, toNext: { kind: 'bridged' } },
  ]);
  const long = 'a'.repeat(MOST_OWN_LETTERS) + 'rt';
  const full = (num: number) =>
    withLetters(
      aRun([long]),
      Array.from({ length: num }, (_, no) => ({ line: 0, no, character: 'a', up: 0.01 })),
    );
  expect(bridgesOf(full(MOST_OWN_LETTERS))).toEqual([]);
  expect(bridgesOf(full(MOST_OWN_LETTERS - 1))).toHaveLength(1);
});

test('where each letter is a piece of its own none is bridged, and nothing is noted', () => {
  const spec = changeLettering(aRun(['Albert']), null, (lettering) => ({
    ...lettering,
    layers: lettering.layers.map((layer) => ({ ...layer, isApart: true as const })),
  }));
  expect(notesOf(spec)).toEqual([]);
  expect(bridgesOf(spec)).toEqual([]);
});

test('what stands too far apart for a stroke is left as it is, and the rest is bridged', () => {
  const far: OwnLetter = { line: 0, no: 1, character: 'l', right: -0.3, turnDeg: 0 };
  const away: OwnLetter = { line: 0, no: 2, character: 'b', right: 0.4, turnDeg: 0 };
  const spec = withLetters(aRun(['Albert']), [far, away]);
  expect(notesOf(spec)[0]).toMatchObject({ pairs: expect.arrayContaining(['lb', 'rt']) });
  const [set] = bridgesOf(spec)[0]!.sets;
  const letters = set!.kind === 'letters' ? set!.letters : [];
  expect(letters.filter(({ toNext }) => toNext).map(({ character }) => character)).toEqual(['r']);
  expect(letters).toEqual(expect.arrayContaining([far, away]));
});
