import fc from 'fast-check';
import { guessMapping, mapTable, rereadLine, tableOf } from '../intake';
import { type RunSpec, wordingOf } from '../spec';
import { changeList, changePlaceUse, mainPlace } from '../edit';
import { aRun, seededBytes } from '../test';
import {
  type AnswerId,
  type QuestionKind,
  answerQuestion,
  answersOf,
  changeField,
  changeParts,
  compareList,
  entriesFromList,
  listQuestions,
  takeComparison,
} from '.';
import { entryParts } from '../wording';

const means = { hasWork: () => false, randomBytes: seededBytes(5) };

function runOf(rows: string[][]): RunSpec {
  const table = tableOf(rows);
  return { ...aRun(['x']), entries: entriesFromList(mapTable(table, guessMapping(table)).lines, seededBytes(9)) };
}
const texts = (spec: RunSpec) => spec.entries.map(({ fields }) => fields.text);
const asked = (spec: RunSpec) => listQuestions(spec).map(({ kind, cases }) => [kind, cases.map(({ was }) => was)]);
const answer = (spec: RunSpec, kind: QuestionKind, id: AnswerId, only?: number) => {
  const question = listQuestions(spec).find((q) => q.kind === kind)!;
  expect(answersOf(question)).toContain(id);
  const cases = only === undefined ? question.cases : [question.cases[only]!];
  return answerQuestion(spec, { ...question, cases }, id, means);
};

test('a clean list asks nothing', () => {
  expect(listQuestions(aRun(['Anna Lind', 'Bo van der Berg', 'Sean O’Dell', 'Jean-Luc Picot']))).toEqual([]);
});

test('ten kinds of trouble are asked once each, and every remedy ends its question', () => {
  let spec = runOf([
    ['Name', 'Date', 'Qty'],
    ['ANNA LIND', '14/6/1976', '1'],
    ['PIETER VAN DER BERG', '3/4/1980', '1'],
    ['Rоsie May', '5/4/1981', '1'],
    ["Sean O'Dell", '31/4/1982', '1'],
    ['Ann & Bo Lindqvist', "14 June '76", '1'],
    ['Sian Hughes', '', '1'],
    ['Siân Hughes', '', '1'],
    ['Tom Hallam', '', 'two'],
    ['Tom Hallam', '', '1'],
    ['Jean - Luc Picot', '', '1'],
    ['Greta', '', '1'],
    ['', '', '1'],
  ]);
  expect(asked(spec).map(([kind]) => kind)).toEqual([
    'emptyText',
    'unreadQuantity',
    'strayMarks',
    'lookAlikes',
    'case',
    'apostrophes',
    'twoPeople',
    'double',
    'nearDouble',
    'nameForms',
    'dateOrder',
    'badDate',
    'shortYear',
  ]);
  spec = answer(spec, 'emptyText', 'takeOut');
  for (const kind of ['strayMarks', 'lookAlikes', 'case', 'apostrophes'] as const) spec = answer(spec, kind, 'take');
  spec = answer(spec, 'twoPeople', 'split');
  spec = answer(spec, 'unreadQuantity', 'take');
  spec = answer(spec, 'double', 'merge');
  spec = answer(spec, 'nearDouble', 'second');
  spec = answer(spec, 'nameForms', 'keep');
  spec = answer(spec, 'dateOrder', 'dayFirst');
  spec = answer(spec, 'badDate', 'clear');
  spec = answer(spec, 'shortYear', 'take');
  expect(listQuestions(spec)).toEqual([]);
  expect(texts(spec)).toEqual([
    'Anna Lind',
    'Pieter van der Berg',
    'Rosie May',
    'Sean O’Dell',
    'Ann Lindqvist',
    'Bo Lindqvist',
    'Siân Hughes',
    'Tom Hallam',
    'Jean-Luc Picot',
    'Greta',
  ]);
  expect(spec.entries.map(({ quantity }) => quantity)).toEqual([1, 1, 1, 1, 1, 1, 2, 3, 1, 1]);
  expect(spec.entries[4]!.fields.date).toBe('1976-06-14');
  expect(spec.entries[3]!.fields.date).toBeUndefined();
});

test('an answer to one case leaves the others open, and "as it is" holds until the text changes', () => {
  let spec = aRun(['ANNA LIND', 'BO LEE', 'Cy May']);
  spec = answer(spec, 'case', 'keep', 0);
  expect(asked(spec)).toEqual([['case', ['BO LEE']]]);
  spec = answer(spec, 'case', 'take');
  expect(asked(spec)).toEqual([]);
  spec = changeField(spec, spec.entries[0]!.id, 'text', 'ANNA LINDT');
  expect(asked(spec)).toEqual([['case', ['ANNA LINDT']]]);
});

test('given names only: the wording changes, not the list', () => {
  const spec = answer(aRun(['Anna Lind', 'Bo Lee', 'Cy']), 'nameForms', 'givenOnly');
  expect(mainPlace(spec).placeUse.wording?.lines[0]?.runs[0]?.template).toBe('{given}');
  expect(texts(spec)).toEqual(['Anna Lind', 'Bo Lee', 'Cy']);
  expect(asked(spec)).toEqual([]);
  const composed = changePlaceUse(aRun(['Anna Lind', 'Cy']), null, (place) => ({
    ...place,
    wording: wordingOf(['for {text}', '{date:year}']),
  }));
  const { placeUse } = mainPlace(answer(composed, 'nameForms', 'givenOnly'));
  expect(placeUse.wording?.lines.map(({ runs }) => runs[0]?.template)).toEqual(['for {given}', '{date:year}']);
});

test('mixed forms are no question where the text of the list is not cut', () => {
  const spec = changePlaceUse(aRun(['Anna Lind', 'Cy']), null, (place) => ({
    ...place,
    wording: wordingOf(['{given}']),
  }));
  expect(asked(spec)).toEqual([]);
});

test('whoever has work recorded is the one that stays when doubles become one', () => {
  const spec = aRun(['Tom Hallam', 'Tom Hallam']);
  const [question] = listQuestions(spec);
  const worked = spec.entries[1]!.id as string;
  const merged = answerQuestion(spec, question!, 'merge', {
    ...means,
    hasWork: (id) => id === worked,
  });
  expect(merged.entries.map(({ id, quantity }) => [id, quantity])).toEqual([[worked, 2]]);
});

test('a date that only fits the other order is offered in it', () => {
  const spec = changeList(
    runOf([
      ['Name', 'Date'],
      ['Ann', '6/14/1976'],
    ]),
    { dateOrder: 'dmy' },
  );
  expect(listQuestions(spec)[0]).toMatchObject({
    kind: 'badDate',
    cases: [{ was: '6/14/1976', becomes: ['14 June 1976'] }],
  });
  expect(answer(spec, 'badDate', 'take').entries[0]!.fields.date).toBe('1976-06-14');
});

test('text and the parts of a name stay in step, whichever is edited', () => {
  let spec = runOf([
    ['First', 'Last'],
    ['ANA', 'GARCÍA LÓPEZ'],
    ['Bo', 'Lee'],
  ]);
  const [ana, bo] = spec.entries;
  spec = answer(spec, 'case', 'take');
  expect(spec.entries[0]!.fields).toMatchObject({ text: 'Ana García López', given: 'Ana', family: 'García López' });
  spec = changeField(spec, bo!.id, 'family', 'Leigh');
  expect(spec.entries[1]!.fields.text).toBe('Bo Leigh');
  spec = changeField(spec, ana!.id, 'text', 'Ana Vega');
  expect(spec.entries[0]!.fields).toMatchObject({ given: 'Ana', family: 'Vega' });
});

test('taking a name apart by hand changes its parts, not its text', () => {
  const spec = aRun(['Ana García López']);
  const [entry] = spec.entries;
  const parts = { ...entryParts(entry!), further: '', family: 'García López' };
  const corrected = changeParts(spec, entry!.id, parts);
  expect(corrected.entries[0]!.fields).toEqual({ text: 'Ana García López', given: 'Ana', family: 'García López' });
  expect(entryParts(corrected.entries[0]!)).toMatchObject({ given: 'Ana', further: '', family: 'García López' });
});

const linesOf = (rows: string[][]) => {
  const table = tableOf(rows);
  return mapTable(table, guessMapping(table));
};

test('a newer list by name: the same, corrected spellings, new and gone', () => {
  const spec = aRun(['Ann Lee', 'Sian Hughes', 'Gone Girling', 'Ann Lee']);
  const { lines } = linesOf([
    ['Name', 'Size'],
    ['Siân Hughes', ''],
    ['Ann Lee', 'M'],
    ['New One', ''],
    ['Ann Lee', ''],
  ]);
  const { fates, gone } = compareList(spec.entries, lines);
  expect(fates.map(({ kind }) => kind)).toEqual(['changed', 'changed', 'new', 'same']);
  expect(fates[0]).toMatchObject({ changes: [{ name: 'text', was: 'Sian Hughes', is: 'Siân Hughes' }] });
  expect(gone.map(({ fields }) => fields.text)).toEqual(['Gone Girling']);
  const taken = takeComparison(spec.entries, { fates, gone }, () => true, seededBytes(2));
  expect(taken.map(({ fields, withdrawn }) => [fields.text, withdrawn])).toEqual([
    ['Siân Hughes', false],
    ['Ann Lee', false],
    ['New One', false],
    ['Ann Lee', false],
    ['Gone Girling', true],
  ]);
  expect(taken[0]!.id).toBe(spec.entries[1]!.id);
});

test('a newer list by key: another name under the same key is a change, the same name under another key is somebody else', () => {
  const old = linesOf([
    ['No', 'Name'],
    ['1', 'Ann Lee'],
    ['2', 'Bo May'],
    ['3', 'Cy Dow'],
  ]);
  const entries = entriesFromList(old.lines, seededBytes(3));
  const newer = linesOf([
    ['No', 'Name'],
    ['2', 'Bo Mayfield'],
    ['1', 'Ann Lee'],
    ['4', 'Cy Dow'],
  ]);
  const { fates, gone } = compareList(entries, newer.lines, newer.keyColumn);
  expect(fates.map(({ kind }) => kind)).toEqual(['changed', 'same', 'new']);
  expect(gone.map(({ fields }) => fields.No)).toEqual(['3']);
});

test('entries that were made of one line stay together while it does, and are gone with it', () => {
  const [both, other] = linesOf([['Name'], ['Ann & Bo Lind'], ['Cy Dow']]).lines;
  const made = entriesFromList([both!, both!, other!], seededBytes(5)).map((entry, i) => ({
    ...entry,
    fields: { ...entry.fields, text: ['Ann Lind', 'Bo Lind', 'Cy Dow'][i]! },
  }));
  const reread = (raw: string) => [both!, other!].find((line) => line.raw === raw) ?? null;
  const same = compareList(made, [other!, both!], null, reread);
  expect(same.fates.map(({ kind, ...fate }) => [kind, 'entry' in fate && fate.entry.id])).toEqual([
    ['same', made[2]!.id],
    ['same', made[0]!.id],
    ['same', made[1]!.id],
  ]);
  expect(same.gone).toEqual([]);
  const without = compareList(made, [other!], null, reread);
  expect(without.gone.map(({ id }) => id)).toEqual([made[0]!.id, made[1]!.id]);
  // Whoever was taken out before does not come back with the other, and no line takes along what another made.
  const out = made.map((entry, i) => ({ ...entry, withdrawn: i === 1 }));
  expect(compareList(out, [other!, both!], null, reread).fates.map(({ kind }) => kind)).toEqual(['same', 'same']);
});

test('of lines that are doubled each keeps one entry, and a line less is an entry less', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 1, max: 5 }), (was, is) => {
      const lines = linesOf([['Name'], ...Array.from({ length: was }, () => ['Ann Lee'])]).lines;
      const entries = entriesFromList(lines, seededBytes(6));
      const newer = linesOf([['Name'], ...Array.from({ length: is }, () => ['Ann Lee'])]).lines;
      const { fates, gone } = compareList(
        entries,
        newer,
        null,
        (raw) => lines.find((line) => line.raw === raw) ?? null,
      );
      expect(fates.map(({ kind }) => kind)).toEqual([
        ...Array.from({ length: Math.min(was, is) }, () => 'same'),
        ...Array.from({ length: Math.max(0, is - was) }, () => 'new'),
      ]);
      expect(gone).toEqual(entries.slice(is));
    }),
  );
});

test('a list that comes again unchanged changes nothing', () => {
  const rows = [
    ['Name', 'Date', 'Qty'],
    ['Ann', '1976', '2'],
    ['Bo', '', 'few'],
    ['Ann', '', '1'],
  ];
  const entries = entriesFromList(linesOf(rows).lines, seededBytes(4));
  const { fates, gone } = compareList(entries, linesOf(rows).lines);
  expect(fates.map(({ kind }) => kind)).toEqual(['same', 'same', 'same']);
  expect(takeComparison(entries, { fates, gone }, () => false, seededBytes(1))).toEqual(entries);
});

test('what was put right in the run stays right when the same list comes again, and only its news are taken', () => {
  const rows = [
    ['No', 'Name', 'Date', 'Qty'],
    ['1', 'ANNA LIND', '1976', '2'],
    ['2', 'Cy & Di Lindqvist', '', '1'],
    ['3', 'Eve Dow', '', 'few'],
  ];
  let spec = runOf(rows);
  for (const [kind, id] of [
    ['case', 'take'],
    ['twoPeople', 'split'],
    ['unreadQuantity', 'one'],
  ] as const)
    spec = answer(spec, kind, id);
  const again = (newer: string[][]) => {
    const table = tableOf(newer);
    const mapping = guessMapping(table);
    const { lines, keyColumn } = mapTable(table, mapping);
    return compareList(spec.entries, lines, keyColumn, (raw) => rereadLine(raw, mapping));
  };
  const same = again(rows);
  expect(same.fates.map(({ kind }) => kind)).toEqual(['same', 'same', 'same', 'same']);
  expect(same.gone).toEqual([]);
  expect(takeComparison(spec.entries, same, () => false, seededBytes(1))).toEqual(spec.entries);
  const news = again([...rows.slice(0, 1), ['1', 'ANNA LIND', '1977', '2'], ...rows.slice(2)]);
  const taken = takeComparison(spec.entries, news, () => false, seededBytes(1));
  expect(taken[0]!.fields).toMatchObject({ text: 'Anna Lind', date: '1977' });
  expect(taken.slice(1)).toEqual(spec.entries.slice(1));
});

test('the order of day and month is asked only where the items would say it, and shown as they would', () => {
  const spec = runOf([
    ['Name', 'Date'],
    ['Ann Lee', '3/4/1980'],
  ]);
  const worded = (template: string) =>
    changePlaceUse(spec, null, (place) => ({ ...place, wording: wordingOf([template]) }));
  expect(listQuestions(spec)[0]?.cases[0]?.becomes).toEqual(['3 April 1980', '4 March 1980']);
  expect(listQuestions(worded('{date:romanMonth}'))[0]?.cases[0]?.becomes).toEqual(['3 · IV · 1980', '4 · III · 1980']);
  expect(listQuestions(worded('est. {date:year}'))).toEqual([]);
});
