import fc from 'fast-check';
import { guessMapping, mapTable, tableOf } from '../intake';
import { compareList, entriesFromList, takeComparison } from '.';
import { aRun, seededBytes } from '../test';

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

test('who has a key is matched by it alone; who has none is matched by the text', () => {
  const rows = (...body: string[][]) => linesOf([['Member no', 'Name'], ...body]).lines;
  const entries = entriesFromList(rows(['7', 'Ann Lee'], ['', 'Bo May'], ['9', 'Cy Ott']), seededBytes(8));
  const key = 'Member no';
  const fates = (...body: string[][]) => {
    const { fates: told, gone } = compareList(entries, rows(...body), key);
    return [
      ...told.map(({ kind, line }) => `${kind} ${line.text}`),
      ...gone.map(({ fields }) => `gone ${fields.text}`),
    ];
  };
  expect(fates(['9', 'Cyril Ott'], ['', 'Bo May'], ['7', 'Ann Lee'])).toEqual([
    'changed Cyril Ott',
    'same Bo May',
    'same Ann Lee',
  ]);
  // The same name under another number is somebody else; one without a number is whoever bears the name without one.
  expect(fates(['8', 'Ann Lee'], ['', 'Cy Ott'], ['', 'Bo May'])).toEqual([
    'new Ann Lee',
    'new Cy Ott',
    'same Bo May',
    'gone Ann Lee',
    'gone Cy Ott',
  ]);
});
