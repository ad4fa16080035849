import fc from 'fast-check';
import { aRun, seededBytes } from '../test';
import {
  compareList,
  takeComparison,
  MAX_ENTRIES,
  addEntry,
  changeField,
  changeQuantity,
  entriesFromList,
  listText,
  parseList,
  putBack,
  takeOut,
} from '.';
import { type ListLine, readQuantity } from '../intake';
import { UNREAD_QUANTITY } from '../spec';

const linesOf = (text: string): readonly ListLine[] => {
  const lines = parseList(text);
  if (!lines.ok) throw new Error(lines.problem.kind);
  return lines.value.lines;
};
const random = seededBytes(3);

const plain = (raw: string, text = raw) => ({ raw, text, quantity: null, fields: {} });

/** A newer list laid over the entries at once. */
const laidOver = (
  entries: Parameters<typeof compareList>[0],
  lines: Parameters<typeof compareList>[1],
  hasWork: (entryId: string) => boolean,
  bytes: typeof random,
) =>
  takeComparison(
    entries,
    compareList(entries, lines, null, () => null),
    hasWork,
    bytes,
  );

test('one entry a line, whatever the line ending; the raw line is kept, the text tidied', () => {
  expect(linesOf('  Ann \tLee\r\n\r\nBo\rCy\u2028Di\n')).toEqual([
    plain('  Ann \tLee', 'Ann Lee'),
    plain('Bo'),
    plain('Cy'),
    plain('Di'),
  ]);
});

test('rows of a spreadsheet: the header says what is text and quantity, other columns are the list’s own', () => {
  const pasted = 'Size\tName\tHow many\tSection\nM\tAnn  Lee\t2\tcrew\n\t\t\t\nL\tBo\t\t\nS\tCy\ttwo\tshore\textra\n';
  const parsed = parseList(pasted);
  expect(parsed).toMatchObject({ ok: true, value: { reading: { kind: 'columns', hasHeader: true } } });
  expect(linesOf(pasted)).toEqual([
    { raw: 'M\tAnn  Lee\t2\tcrew', text: 'Ann Lee', quantity: 2, fields: { size: 'M', Section: 'crew' } },
    { raw: 'L\tBo', text: 'Bo', quantity: null, fields: { size: 'L' } },
    {
      raw: 'S\tCy\ttwo\tshore\textra',
      text: 'Cy',
      quantity: null,
      fields: { size: 'S', Section: 'shore', 'column 5': 'extra', quantity: 'two' },
    },
  ]);
});

test('without a header the first column is the text and a column of whole numbers the quantity', () => {
  expect(linesOf('Ann\tred\t2\nBo\tblue\t10').map(({ text, quantity, fields }) => [text, quantity, fields])).toEqual([
    ['Ann', 2, { 'column 2': 'red' }],
    ['Bo', 10, { 'column 2': 'blue' }],
  ]);
  expect(linesOf('Ann,3\nBo,1').map(({ quantity }) => quantity)).toEqual([3, 1]);
});

test('commas alone make no table: they also stand between a family name and a given one', () => {
  expect(linesOf('Lee, Ann\nMay, Bo').map(({ text }) => text)).toEqual(['Lee, Ann', 'May, Bo']);
  expect(linesOf('name,size\n"Lee, Ann",M\nBo,L').map(({ text, fields }) => [text, fields.size])).toEqual([
    ['Lee, Ann', 'M'],
    ['Bo', 'L'],
  ]);
  expect(parseList('name,size\nBo,L', 'lines')).toMatchObject({
    value: { reading: { kind: 'lines' }, lines: { length: 2 } },
  });
});

test('heads that clash, are empty or mean something to the program get names of their own', () => {
  expect(linesOf('Name\tNote\tnote\tNote\t__proto__\t\nAnn\ta\tb\tc\td\te')[0]!.fields).toEqual({
    note: 'a',
    'note (list)': 'b',
    'Note 2': 'c',
    'column 5': 'd',
    'column 6': 'e',
  });
});

test('no row with something in it is lost, whatever is pasted', () => {
  const cell = fc.stringMatching(/^[a-z"',;\u0000 é]{0,6}$/);
  fc.assert(
    fc.property(fc.array(fc.array(cell, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 12 }), (rows) => {
      const pasted = rows.map((row) => row.map((value) => value.replaceAll('"', "'")).join('\t')).join('\n');
      const wanted = pasted.split('\n').filter((row) => row.trim() !== '').length;
      const parsed = parseList(pasted);
      if (!parsed.ok) return expect(wanted).toBe(0);
      const { lines, reading } = parsed.value;
      const header = reading.kind === 'columns' && reading.hasHeader ? 1 : 0;
      expect(lines.length + header).toBe(wanted);
    }),
  );
});

test('entries are edited one by one, and the list they make reads back as itself', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const [ann, bo, cy] = spec.entries;
  const edited = changeQuantity(
    changeField(changeField(spec, bo!.id, 'text', ' Bo\u0308  May '), ann!.id, 'size', 'M'),
    cy!.id,
    4,
  );
  expect(edited.entries.map(({ fields, quantity }) => [fields, quantity])).toEqual([
    [{ text: 'Ann', size: 'M' }, 1],
    [{ text: 'Bö May' }, 1],
    [{ text: 'Cy' }, 4],
  ]);
  expect(edited.entries[1]!.raw).toBe('Bo');
  const text = listText(edited.entries);
  expect(laidOver(edited.entries, linesOf(text), () => false, random).map(({ raw: _, ...entry }) => entry)).toEqual(
    edited.entries.map(({ raw: _, ...entry }) => entry),
  );
  expect(listText(spec.entries)).toBe('Ann\nBo\nCy');
  expect(changeField(edited, ann!.id, 'size', ' ').entries[0]!.fields).toEqual({ text: 'Ann' });
});

test('a quantity that could not be read is settled by choosing one', () => {
  const [entry] = entriesFromList(linesOf('name\tqty\nAnn\ta few'), random);
  expect(entry).toMatchObject({ quantity: 1, fields: { [UNREAD_QUANTITY]: 'a few' } });
  const spec = { ...aRun(['x']), entries: [entry!] };
  expect(changeQuantity(spec, entry!.id, 3).entries[0]).toMatchObject({ quantity: 3, fields: { text: 'Ann' } });
  expect(['3', 'x2', '2 ×', '10000', '10001', '1.5', '-1', ''].map(readQuantity)).toEqual([
    3,
    2,
    2,
    10000,
    null,
    null,
    null,
    null,
  ]);
});

test('taking out drops what has no work and withdraws what has; putting back undoes the latter', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const [ann, bo] = spec.entries;
  const out = takeOut(spec, new Set([ann!.id, bo!.id]), (id) => id === bo!.id);
  expect(out.entries.map(({ fields, withdrawn }) => [fields.text, withdrawn])).toEqual([
    ['Bo', true],
    ['Cy', false],
  ]);
  expect(putBack(out, new Set([bo!.id])).entries[0]!.withdrawn).toBe(false);
  expect(addEntry(out, ' Di ', random).entries.at(-1)).toMatchObject({
    raw: ' Di ',
    fields: { text: 'Di' },
    quantity: 1,
  });
});

test('text is composed, so that the same name typed two ways is one name', () => {
  expect(linesOf('Zoe\u0308')[0]!.text).toBe('Zo\u00eb');
});

test('an empty list and too long a list are refused with the count', () => {
  expect(parseList(' \n\t\n')).toEqual({ ok: false, problem: { kind: 'emptyList' } });
  expect(parseList('x\n'.repeat(MAX_ENTRIES + 5))).toEqual({
    ok: false,
    problem: { kind: 'tooManyEntries', numEntries: MAX_ENTRIES + 5, most: MAX_ENTRIES },
  });
});

test('pasting again keeps the ids of lines that match, in the new order', () => {
  const first = entriesFromList(linesOf('Ann\nBo\nCy'), random);
  const again = laidOver(first, linesOf('Cy\nDi\nAnn'), () => false, random);
  expect(again.map(({ fields }) => fields.text)).toEqual(['Cy', 'Di', 'Ann']);
  expect(again[0]!.id).toBe(first[2]!.id);
  expect(again[2]!.id).toBe(first[0]!.id);
  expect(first.map(({ id }) => id)).not.toContain(again[1]!.id);
});

test('an entry with work recorded is withdrawn, comes back with its line, and others are dropped', () => {
  const first = entriesFromList(linesOf('Ann\nBo'), random);
  const without = laidOver(first, linesOf('Cy'), (id) => id === first[0]!.id, random);
  expect(without.map(({ fields, withdrawn }) => [fields.text, withdrawn])).toEqual([
    ['Cy', false],
    ['Ann', true],
  ]);
  const back = laidOver(without, linesOf('Ann\nCy'), () => true, random);
  expect(back.map(({ id, withdrawn }) => [id, withdrawn])).toEqual([
    [first[0]!.id, false],
    [without[0]!.id, false],
  ]);
});

test('doubled lines are matched one by one: laying the same list again changes nothing', () => {
  const names = fc.array(fc.constantFrom('Ann', 'Bo', 'Cy', 'Di'), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(names, (list) => {
      const lines = linesOf(list.join('\n'));
      const entries = entriesFromList(lines, random);
      expect(new Set(entries.map(({ id }) => id)).size).toBe(entries.length);
      const again = laidOver(entries, lines, () => false, random);
      expect([...again].map(({ id }) => id).sort()).toEqual([...entries].map(({ id }) => id).sort());
    }),
  );
});

test('an edit that changes nothing gives the very same spec back', () => {
  const spec = aRun(['Ann', 'Bo']);
  const { id } = spec.entries[0]!;
  expect(changeField(spec, id, 'text', ' Ann ')).toBe(spec);
  expect(changeField(spec, id, 'size', '')).toBe(spec);
  expect(changeQuantity(spec, id, 1)).toBe(spec);
  expect(changeField(spec, id, 'text', 'Anna')).not.toBe(spec);
});

test('lines without a mark between cells are no table, whatever the lines after them hold', () => {
  expect(parseList('Ann\nBo; and Cy')).toMatchObject({ value: { reading: { kind: 'lines' } } });
  expect(parseList('name,\nAnn,')).toMatchObject({ value: { reading: { kind: 'columns' } } });
});
