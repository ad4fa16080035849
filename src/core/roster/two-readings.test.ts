import { changePlaceUse } from '../edit';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, answer, asked, means, runOf, texts } from '../test';
import { entryParts } from '../wording';
import { answerQuestion, answersOf, changeParts, columnsBesideText, listQuestions } from '.';

test('a couple in the column of given names is asked about, and lettered as two until then', () => {
  const rows = [
    ['Given', 'Family'],
    ['Jo & Pat', 'van der Hoek'],
    ['Bram', 'Vos'],
  ];
  const spec = runOf(rows);
  expect(asked(spec)).toEqual([['twoPeople', ['Jo & Pat van der Hoek']]]);
  const split = answer(spec, 'twoPeople', 'split');
  expect(texts(split)).toEqual(['Jo van der Hoek', 'Pat van der Hoek', 'Bram Vos']);
  const own = runOf([
    ['Text', ...rows[0]!],
    ['The Hoeks, Jo & Pat', ...rows[1]!],
    ['The Voses', ...rows[2]!],
  ]);
  const [couple] = own.entries;
  const onlyGiven = { ...own, entries: [{ ...couple!, fields: { ...couple!.fields, text: 'The Hoeks' } }] };
  expect(asked(onlyGiven)).toEqual([['twoPeople', ['Jo & Pat']]]);
  const people = answer(onlyGiven, 'twoPeople', 'split').entries;
  expect(people.map(({ fields }) => [fields.text, fields.given, fields.family])).toEqual([
    ['The Hoeks', 'Jo', 'van der Hoek'],
    ['The Hoeks', 'Pat', 'van der Hoek'],
  ]);
  expect(new Set(people.map(({ id }) => id)).size).toBe(2);
  expect(people[0]!.id).toBe(couple!.id);
});

test('three in one line are three entries; a comma before a pair is offered in both ways', () => {
  const spec = aRun(['Ann, Bo & Cy', 'Dot Quill', 'Sorrel, Ida & Per']);
  const [question] = listQuestions(spec);
  expect(question!.cases.map(({ becomes }) => becomes)).toEqual([
    ['Ann | Bo | Cy', 'Bo Ann | Cy Ann'],
    ['Ida Sorrel | Per Sorrel', 'Sorrel | Ida | Per'],
  ]);
  expect(texts(answer(spec, 'twoPeople', 'split'))).toEqual([
    ...['Ann', 'Bo', 'Cy'],
    'Dot Quill',
    ...['Ida Sorrel', 'Per Sorrel'],
  ]);
  expect(texts(answer(spec, 'twoPeople', 'splitOther', 1))).toEqual([
    'Ann, Bo & Cy',
    'Dot Quill',
    ...['Sorrel', 'Ida', 'Per'],
  ]);
  expect(answersOf({ kind: 'twoPeople', cases: [{ ...question!.cases[0]!, becomes: ['Ann | Bo'] }] })).toEqual([
    'split',
    'keep',
  ]);
});

test('typed twice: one entry with the pieces of one', () => {
  const spec = runOf([
    ['Name', 'Qty'],
    ['Ann Lind', '2'],
    ['Ann Lind', '3'],
    ['Ann Lind', '1'],
  ]);
  expect(answer(spec, 'double', 'once').entries.map(({ quantity }) => quantity)).toEqual([3]);
  expect(answer(spec, 'double', 'merge').entries.map(({ quantity }) => quantity)).toEqual([6]);
});

test('a name that can be taken apart in two ways is asked about where an item would differ, all alike at once', () => {
  const saying =
    (...lines: string[]) =>
    (spec: RunSpec) =>
      changePlaceUse(spec, null, (place) => ({ ...place, wording: wordingOf(lines) }));
  const names = ['XU Anna', 'LI Bo', 'AJ Sorrel', 'Ida Quill'];
  expect(asked(aRun(names)).map(([kind]) => kind)).not.toContain('twoReadings');
  const spec = saying('{given}', '{monogram}')(aRun(names));
  const question = listQuestions(spec).find(({ kind }) => kind === 'twoReadings')!;
  expect(question.cases.map(({ was, becomes }) => [was, ...becomes])).toEqual([
    ['XU Anna', 'XU / XA', 'Anna / AX'],
    ['LI Bo', 'LI / LB', 'Bo / BL'],
  ]);
  const taken = answer(spec, 'twoReadings', 'take');
  expect(taken.entries.map((entry) => entryParts(entry).given)).toEqual(['Anna', 'Bo', 'AJ', 'Ida']);
  expect(taken.entries.map(({ fields }) => fields.family)).toEqual(['XU', 'LI', undefined, undefined]);
  expect(listQuestions(taken).map(({ kind }) => kind)).not.toContain('twoReadings');
  expect(listQuestions(answer(spec, 'twoReadings', 'keep')).map(({ kind }) => kind)).not.toContain('twoReadings');
});

test('a family name with its particle in a column is lettered as in one cell', () => {
  const spec = runOf([
    ['Given', 'Family'],
    ['Bram', 'van der Hoek'],
    ['Cor', 'de'],
    ['Dik', 'Vos'],
  ]);
  expect(spec.entries.map(entryParts)).toMatchObject([
    { given: 'Bram', particle: 'van der', family: 'Hoek' },
    { given: 'Cor', particle: '', family: 'de' },
    { given: 'Dik', particle: '', family: 'Vos' },
  ]);
  const renamed = changeParts(spec, spec.entries[0]!.id, { ...entryParts(spec.entries[0]!), given: 'Bo' });
  expect(texts(renamed)[0]).toBe('Bo van der Hoek');
});

test('of two spellings the first or the second stays, with the pieces of both', () => {
  const spec = runOf([
    ['Name', 'Qty'],
    ['Sian Hughes', '2'],
    ['Siân Hughes', '3'],
  ]);
  for (const [id, spelled] of [
    ['first', 'Sian Hughes'],
    ['second', 'Siân Hughes'],
  ] as const) {
    const { entries } = answer(spec, 'nearDouble', id);
    expect(entries.map(({ fields, quantity }) => [fields.text, quantity])).toEqual([[spelled, 5]]);
  }
  // Who has left the list meanwhile is nobody to be put together with.
  const [question] = listQuestions(spec);
  const gone = { ...spec, entries: spec.entries.slice(0, 1) };
  expect(answerQuestion(gone, question!, 'first', means)).toBe(gone);
});

test('columns beside the text are those that say more than it does', () => {
  const spec = runOf([
    ['Text', 'Given', 'Family', 'Colour of the boat'],
    ['Ann Lind', 'Ann', 'Lind', 'red'],
    ['Bo Berg', 'Bo', 'Berg', ''],
  ]);
  expect(columnsBesideText(spec.entries)).toEqual(['Colour of the boat']);
  const called = runOf([
    ['Text', 'Given'],
    ['The Linds', 'Ann'],
    ['Bo', ''],
  ]);
  expect(columnsBesideText(called.entries)).toEqual(['given']);
  expect(columnsBesideText(aRun(['Ann']).entries)).toEqual([]);
});
