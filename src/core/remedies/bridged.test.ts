import { artCache } from '../artwork';
import { checkedReport, measuredReport } from '../checks';
import { setOverrides } from '../edit';
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
