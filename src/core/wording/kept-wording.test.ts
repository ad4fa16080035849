import { changePlaceUse } from '../edit';
import { type RunSpec, wordingOf } from '../spec';
import { aRun } from '../test';
import { proofRows } from '.';

const worded = (templates: readonly string[]) =>
  changePlaceUse(aRun(['Anna Maria Lind', 'IJda van Dam']), null, (place) => ({
    ...place,
    wording: wordingOf(templates),
  }));
const SPEC = worded(['{monogram} {number}', '{date:long}']);
const dated: RunSpec = {
  ...SPEC,
  entries: SPEC.entries.map((entry) => ({ ...entry, fields: { ...entry.fields, date: '3/4/1980' } })),
};
const said = (spec: RunSpec) => proofRows(spec).map((row) => [row.worded?.words, row.worded?.findings]);

test('words that were said before are not told of a run by which they are said otherwise', () => {
  const [first, second] = dated.entries;
  const others: RunSpec[] = [
    dated,
    { ...dated, entries: [second!, first!] },
    { ...dated, entries: [{ ...first!, withdrawn: true }, second!] },
    { ...dated, entries: [{ ...first!, fields: { ...first!.fields, text: 'Cy Holm' } }, second!] },
    { ...dated, list: { ...dated.list, dateOrder: 'mdy' } },
    { ...dated, language: 'nl', list: { ...dated.list, dateOrder: 'dmy' } },
    { ...dated, monogram: { ...dated.monogram, form: 'one' } },
  ];
  const all = others.map((spec) => {
    const words = said(spec);
    expect(words).toEqual(said(structuredClone(spec)));
    return JSON.stringify(words);
  });
  expect(new Set(all).size).toBe(others.length);
  // And told again as at first, whatever was asked meanwhile.
  expect(JSON.stringify(said(dated))).toBe(all[0]);
});

test('whoever changes a face, or another entry, asks for the very same words', () => {
  const before = proofRows(dated).map((row) => row.worded);
  const after = proofRows(changePlaceUse(dated, null, (place) => ({ ...place, letteringId: 'heavy-slab' })));
  after.forEach((row, i) => expect(row.worded).toBe(before[i]));
  const [first, second] = dated.entries;
  const other = { ...first!, fields: { ...first!.fields, text: 'Cy Holm' } };
  const [changed, same] = proofRows({ ...dated, entries: [other, second!] });
  expect(same!.worded).toBe(before[1]);
  expect(changed!.worded).not.toEqual(before[0]);
});
