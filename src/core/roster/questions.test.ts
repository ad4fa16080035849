import { guessMapping, mapTable, rereadLine, tableOf } from '../intake';
import { wordingOf } from '../spec';
import { changeList, changePlaceUse, mainPlace } from '../edit';
import { aRun, answer, asked, means, runOf, seededBytes, texts } from '../test';
import { answerQuestion, changeField, changeParts, compareList, isForColumn, listQuestions, takeComparison } from '.';
import { entryParts } from '../wording';

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

test('what was found before is not told of a list, a language or a wording that changed since', () => {
  const spec = runOf([
    ['Name', 'Date', 'Quantity'],
    ['ANNA LIND', '3/4/1980', 'two'],
    ['Cy', '31/2/19', '1'],
    ['Cy', '', '1'],
    ['Karl-Heinz and Bo Lind', '', '1'],
  ]);
  const [first, ...more] = spec.entries;
  const others = [
    spec,
    { ...spec, language: 'nl' },
    { ...spec, entries: [...more, first!] },
    { ...spec, entries: [{ ...first!, withdrawn: true }, ...more] },
    changePlaceUse(spec, null, (place) => ({ ...place, wording: wordingOf(['{given}']) })),
    changeList(spec, { dateOrder: 'mdy' }),
  ];
  for (const one of others) {
    const again = listQuestions(one);
    expect(again.length).toBeGreaterThan(0);
    expect(again).toEqual(listQuestions(structuredClone(one)));
  }
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

test('doubles say what stands there twice, near ones all their spellings; what is for a whole column says so', () => {
  const cases = listQuestions(aRun(['Ann Lind', 'Siân May', 'Ann Lind', 'Sian May'])).map(({ kind, cases: [one] }) => [
    kind,
    one?.was,
    one?.becomes,
  ]);
  expect(cases).toEqual([
    ['double', 'Ann Lind', ['Ann Lind']],
    ['nearDouble', 'Siân May | Sian May', ['Siân May', 'Sian May']],
  ]);
  expect((['dayFirst', 'monthFirst', 'givenOnly', 'take', 'keep', 'merge'] as const).map(isForColumn)).toEqual([
    ...[true, true, true],
    ...[false, false, false],
  ]);
});
