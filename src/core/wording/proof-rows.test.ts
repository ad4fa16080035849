import { type RunSpec, wordingOf } from '../spec';
import { changePlaceUse, setOverride } from '../edit';
import { aRun, seededBytes } from '../test';
import { proofRows, proofTally, tickRows, untickRows } from '.';

const run = () =>
  changePlaceUse(aRun(['Ann Lee', 'Bo May', 'Cy Dow']), null, (place) => ({
    ...place,
    wording: wordingOf(['{given}']),
  }));
const kinds = (spec: RunSpec) => proofRows(spec).map(({ state }) => state.kind);

test('one row for each entry and place, in roster order; who gives no item has none', () => {
  const spec = run();
  const entries = spec.entries.map((entry, i) => ({ ...entry, withdrawn: i === 0, quantity: i === 1 ? 0 : 1 }));
  expect(proofRows(spec).map(({ no, worded }) => [no, worded?.lines[0]?.text])).toEqual([
    [1, 'Ann'],
    [2, 'Bo'],
    [3, 'Cy'],
  ]);
  expect(proofRows({ ...spec, entries }).map(({ no, worded }) => [no, worded?.lines[0]?.text])).toEqual([[2, 'Cy']]);
});

test('ticks hold for the words they were given for, go with them, and can be taken back', () => {
  const spec = run();
  const ticked = tickRows(spec, proofRows(spec).slice(0, 2), 'Ada', '2026-05-01T10:00:00Z');
  expect(kinds(ticked)).toEqual(['ticked', 'ticked', 'open']);
  expect(proofTally(ticked)).toEqual({ numTexts: 3, numTicked: 2, numChanged: 0, numEntries: 3, numEntriesTicked: 2 });
  const [first] = proofRows(ticked);
  const reworded = setOverride(ticked, first!.at, ['Annie'], seededBytes(1));
  expect(kinds(reworded)).toEqual(['changed', 'ticked', 'open']);
  expect(proofTally(reworded)).toEqual({
    numTexts: 3,
    numTicked: 1,
    numChanged: 1,
    numEntries: 3,
    numEntriesTicked: 1,
  });
  expect(kinds(setOverride(reworded, first!.at, undefined, seededBytes(1)))).toEqual(['ticked', 'ticked', 'open']);
  expect(kinds(untickRows(reworded, proofRows(reworded)))).toEqual(['open', 'open', 'open']);
});

test('a text that stays empty for now cannot be ticked and counts as none', () => {
  const spec = run();
  const [first] = proofRows(spec);
  const emptied = setOverride(spec, first!.at, null, seededBytes(1));
  expect(tickRows(emptied, proofRows(emptied).slice(0, 1), 'Ada', '2026-05-01T10:00:00Z')).toBe(emptied);
  for (const nobody of ['', '  ']) {
    expect(tickRows(spec, proofRows(spec), nobody, '2026-05-01T10:00:00Z')).toBe(spec);
  }
  expect(proofTally(emptied).numTexts).toBe(2);
});
