import iconv from 'iconv-lite';
import { zipSync } from 'fflate';
import VCard from 'vcard-creator';
import writeXlsx from 'write-excel-file/node';
import * as office from 'xlsx';
import { readListFile } from './read-list-file';

/** Files as other libraries write them, of every kind that is read: what comes out is what was put in. */
const LIST = [
  ['Name', 'Born', 'Pieces', 'Part'],
  ['Łucja Święcka', '1976-06-14', '2', 'horn'],
  ['Nguyễn Ánh', '2001-12-31', '10', 'cornet & drum'],
  ['Zoë 🎺 <May>', '1901-01-02', '3', 'line one'],
];

const sheetOf = (rows: readonly (readonly unknown[])[]) =>
  office.utils.aoa_to_sheet(rows as unknown[][], { cellDates: true });
const bookOf = (rows: readonly (readonly unknown[])[]) => {
  const book = office.utils.book_new();
  office.utils.book_append_sheet(book, sheetOf(rows), 'Tour');
  return book;
};
const written = (book: office.WorkBook, bookType: 'xlsx' | 'ods' | 'csv') =>
  new Uint8Array(office.write(book, { type: 'buffer', bookType }) as Buffer);
const typed = LIST.map((row, i) => (i === 0 ? row : [row[0], new Date(`${row[1]}T00:00:00Z`), Number(row[2]), row[3]]));

async function listOf(bytes: Uint8Array) {
  const file = await readListFile(bytes, 'list');
  if (!file.ok || file.value.kind !== 'list') throw new Error(JSON.stringify(file));
  return file.value;
}
const tableOf = async (bytes: Uint8Array) => (await listOf(bytes)).sheets[0]!.table.rows;

test.each(['xlsx', 'ods', 'csv'] as const)('%s', async (kind) => {
  expect(await tableOf(written(bookOf(LIST), kind))).toEqual(LIST);
});

test.each(['xlsx', 'ods'] as const)('%s with days and numbers', async (kind) => {
  expect(await tableOf(written(bookOf(typed), kind))).toEqual(LIST);
});

test('a spreadsheet by another writer', async () => {
  const data = typed.map((row) =>
    row.map((value) => (value instanceof Date ? { value, type: Date, format: 'yyyy-mm-dd' } : { value })),
  );
  const blob = await writeXlsx(data as never).toBuffer();
  expect(await tableOf(new Uint8Array(blob))).toEqual(LIST);
});

test.each(['xlsx', 'ods'] as const)(
  'several sheets, one of them empty, merged cells and formulas: %s',
  async (kind) => {
    const book = bookOf([
      ['Name', 'Part'],
      ['Ann', 'horn'],
      ['Bo', ''],
      ['Cy', 'bass'],
    ]);
    const sheet = book.Sheets.Tour!;
    sheet['!merges'] = [office.utils.decode_range('B2:B3')];
    sheet.C2 = { t: 'n', v: 3, f: '1+2' };
    sheet['!ref'] = 'A1:C4';
    office.utils.book_append_sheet(book, sheetOf([]), 'Empty');
    office.utils.book_append_sheet(book, sheetOf([['Dot']]), 'More');
    const { sheets } = await listOf(written(book, kind));
    expect(sheets.map(({ name }) => name)).toEqual(['Tour', 'More']);
    expect(sheets[0]!.table.rows.map((row) => row.slice(0, 3).join('|').replace(/\|+$/, ''))).toEqual([
      'Name|Part',
      'Ann|horn|3',
      'Bo|horn',
      'Cy|bass',
    ]);
    expect(sheets[0]!.notes).toEqual(
      expect.arrayContaining([
        { kind: 'formulas', count: 1 },
        { kind: 'merged', ranges: ['B2:B3'] },
      ]),
    );
  },
);

test.each(['windows-1250', 'windows-1251', 'windows-1253', 'windows-1254', 'iso-8859-2', 'macintosh'])(
  'text with columns in %s',
  async (encoding) => {
    const names: Record<string, string> = {
      'windows-1251': 'Ольга Лунина',
      'windows-1253': 'Ζωή Λάππα',
      'windows-1254': 'Işık Yağmur',
      macintosh: 'Chloé Lefèvre',
    };
    const rows = [
      ['Name', 'Pieces'],
      [names[encoding] ?? 'Łucja Święcka', '2'],
    ];
    const bytes = Uint8Array.from(iconv.encode(rows.map((row) => row.join(';')).join('\r\n'), encoding));
    expect(await tableOf(bytes)).toEqual(rows);
  },
);

test('cards of an address book', async () => {
  const card = new VCard();
  card
    .addName({ familyName: 'van der Hoek', givenName: 'Bram' })
    .addBirthday(new Date('1976-06-14'))
    .addNote('tall; thin');
  const rows = await tableOf(new TextEncoder().encode(card.toString()));
  expect(rows[1]).toEqual(['Bram van der Hoek', '', 'Bram', '', 'van der Hoek', '', '', '1976-06-14', 'tall; thin']);
});

/** The open format by hand: what writers rarely use and readers must not stumble over. */
const openDocument = (sheets: string, extra: Record<string, string> = {}) => {
  const content = `<?xml version="1.0"?><office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x" xmlns:calcext="c"><office:body><office:spreadsheet>${sheets}</office:spreadsheet></office:body></office:document-content>`;
  const files = { mimetype: 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml': content, ...extra };
  const encoder = new TextEncoder();
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, encoder.encode(text)])));
};
const cell = (text: string, more = '') => `<table:table-cell ${more}><text:p>${text}</text:p></table:table-cell>`;
const row = (cells: string, more = '') => `<table:table-row ${more}>${cells}</table:table-row>`;
const sheet = (rows: string) => `<table:table table:name="Tour">${rows}</table:table>`;
const problemOf = async (bytes: Uint8Array) => {
  const file = await readListFile(bytes, 'list');
  return file.ok ? null : file.problem;
};

test('an open document: repeats, spaces, notes at cells, groups of rows and errors', async () => {
  const rows = [
    `<table:table-header-rows>${row(cell('Name') + cell('Part') + cell('', 'table:number-columns-repeated="16382"'))}</table:table-header-rows>`,
    row(
      `<table:table-cell><office:annotation><text:p>ask her</text:p></office:annotation><text:p>Ann<text:s text:c="1"/>Lind</text:p><text:p>II</text:p></table:table-cell>${cell('horn')}`,
      'table:number-rows-repeated="2"',
    ),
    row(cell('', 'table:number-columns-repeated="3"'), 'table:number-rows-repeated="3"'),
    `<table:table-row-group>${row(cell('Bo') + cell('#N/A', 'table:formula="x" calcext:value-type="error"') + cell('true', 'office:value-type="boolean" office:boolean-value="true"'))}</table:table-row-group>`,
    row(
      cell('5 €', 'office:value-type="currency" office:value="5"') +
        cell('x', 'office:value-type="date" office:date-value="1976-06-14T18:00:00"'),
    ),
    row('', 'table:number-rows-repeated="1048570"'),
  ];
  const { sheets } = await listOf(openDocument(sheet(rows.join(''))));
  expect(sheets[0]!.table).toEqual({
    rows: [
      ['Name', 'Part'],
      ['Ann Lind II', 'horn'],
      ['Ann Lind II', 'horn'],
      ['Bo', '', 'yes'],
      ['5 €', '1976-06-14 18:00'],
    ],
    rowNos: [1, 2, 3, 7, 8],
  });
  expect(sheets[0]!.notes).toEqual([
    { kind: 'formulas', count: 1 },
    { kind: 'cellErrors', cells: ['B7'] },
  ]);
});

test('an open document that is none, is locked, too large or damaged is told so', async () => {
  expect(await problemOf(openDocument(sheet(row(cell('x', 'table:number-columns-repeated="300"')))))).toMatchObject({
    kind: 'tooManyColumns',
    cell: 'IW1',
  });
  expect(await problemOf(openDocument(sheet(row(cell('x'), 'table:number-rows-repeated="30000"'))))).toMatchObject({
    kind: 'tooManyRows',
    row: 30_000,
  });
  expect(await problemOf(openDocument(sheet(row(cell('a<b')))))).toMatchObject({
    kind: 'brokenFile',
    row: 1,
    column: 1,
  });
  expect(await problemOf(openDocument(sheet('')))).toEqual({ kind: 'fileEmpty' });
  const locked = { 'META-INF/manifest.xml': '<manifest:manifest><manifest:encryption-data/></manifest:manifest>' };
  expect(await problemOf(openDocument(sheet(row(cell('x'))), locked))).toMatchObject({
    kind: 'brokenFile',
    detail: 'it is locked by a password',
  });
  const macros = await listOf(openDocument(sheet(row(cell('x'))), { 'Basic/Standard/Module1.xml': '<a/>' }));
  expect(macros.sheets[0]!.notes).toEqual([{ kind: 'macros' }]);
});
