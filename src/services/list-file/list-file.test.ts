import fc from 'fast-check';
import { zipSync } from 'fflate';
import { guessMapping, mapTable } from '@/core/intake';
import { aPackage, textCell } from '../test/a-package';
import { bombs } from '../test/bombs';
import { inspectPackage } from './inspect-package';
import { readListFile } from './read-list-file';

const encode = (text: string) => new TextEncoder().encode(text);
const read = (bytes: Uint8Array) => readListFile(bytes, 'list');
const rowsOf = async (bytes: Uint8Array) => {
  const file = await read(bytes);
  if (!file.ok || file.value.kind !== 'list') throw new Error(JSON.stringify(file));
  return file.value.sheets[0]!.table.rows;
};
const problemOf = async (bytes: Uint8Array) => {
  const file = await read(bytes);
  return file.ok ? null : file.problem;
};

const HEADER = `<row r="1">${textCell('A1', 'Name')}${textCell('B1', 'Born')}${textCell('C1', 'Section')}</row>`;

test('a spreadsheet: values of formulas, days as they were stored, numbers and errors, with what was done', async () => {
  const rows = `${HEADER}<row r="2">${textCell('A2', 'Ann')}<c r="B2" s="1"><v>28000</v></c><c r="C2" t="str"><f>A2&amp;"!"</f><v>Ann!</v></c></row>
    <row r="4"><c r="A4"><v>0.30000000000000004</v></c><c r="B4" t="e"><f>1/0</f><v>#DIV/0!</v></c><c r="C4" t="b"><v>1</v></c></row>`;
  const file = await read(
    aPackage({
      sheets: [rows, '', `<row r="1">${textCell('A1', 'other')}</row>`],
      extra: { 'xl/vbaProject.bin': 'x', 'xl/externalLinks/externalLink1.xml': '<a/>' },
    }),
  );
  expect(file).toMatchObject({
    ok: true,
    value: { kind: 'list', format: 'spreadsheet', sheets: [{ name: 'Sheet 1' }, { name: 'Sheet 3' }] },
  });
  if (!file.ok || file.value.kind !== 'list') return;
  const [first] = file.value.sheets;
  expect(first!.table).toEqual({
    rows: [
      ['Name', 'Born', 'Section'],
      ['Ann', '1976-08-28', 'Ann!'],
      ['0.3', '', 'yes'],
    ],
    rowNos: [1, 2, 4],
  });
  expect(first!.notes).toEqual([
    { kind: 'macros' },
    { kind: 'externalLinks' },
    { kind: 'formulas', count: 2 },
    { kind: 'cellErrors', cells: ['B4'] },
  ]);
});

test('both ways of counting days give the day that the sheet shows', async () => {
  const row = (serial: number) => `<row r="1"><c r="A1" s="1"><v>${serial}</v></c></row>`;
  expect(await rowsOf(aPackage({ sheets: [row(28000)] }))).toEqual([['1976-08-28']]);
  expect(await rowsOf(aPackage({ sheets: [row(28000 - 1462)], is1904: true }))).toEqual([['1976-08-28']]);
  expect(await rowsOf(aPackage({ sheets: [row(28000.75)] }))).toEqual([['1976-08-28 18:00']]);
});

test('merged cells: what stands in the first counts for all, as it looks', async () => {
  const rows = `${HEADER}<row r="2">${textCell('A2', 'Ann')}<c r="B2"/>${textCell('C2', 'horns')}</row><row r="3">${textCell('A3', 'Bo')}<c r="B3"/><c r="C3"/></row>`;
  const merged = '<mergeCells count="2"><mergeCell ref="C2:C3"/><mergeCell ref="D5:XFD1048576"/></mergeCells>';
  const file = await read(aPackage({ sheets: [rows], afterRows: merged }));
  expect(file).toMatchObject({
    value: {
      sheets: [
        { table: { rows: [{}, { 2: 'horns' }, { 2: 'horns' }] }, notes: [{ kind: 'merged', ranges: ['C2:C3'] }] },
      ],
    },
  });
});

test('merged cells belong to their own sheet, also when sheets were moved', async () => {
  const row = (name: string) =>
    `<row r="1">${textCell('A1', name)}${textCell('B1', 'x')}</row><row r="2"><c r="A2"/>${textCell('B2', 'y')}</row>`;
  const afterRows = '<mergeCells><mergeCell ref="A1:A2"/></mergeCells>';
  for (const isTurned of [false, true]) {
    const file = await read(aPackage({ sheets: [row('Ann'), row('Bo')], afterRows, isTurned }));
    expect(file).toMatchObject({
      value: {
        sheets: [
          {
            name: 'Sheet 1',
            table: {
              rows: [
                ['Ann', 'x'],
                ['Ann', 'y'],
              ],
            },
            notes: [{ kind: 'merged' }],
          },
          { name: 'Sheet 2', table: { rows: [{ 0: 'Bo' }, { 0: '' }] }, notes: [] },
        ],
      },
    });
  }
});

test('a list that begins further down and to the right keeps its row numbers, and merged cells theirs', async () => {
  const rows = `<row r="3">${textCell('C3', 'Name')}${textCell('D3', 'Part')}</row><row r="4">${textCell('C4', 'Ann')}${textCell('D4', 'horn')}</row><row r="5">${textCell('C5', 'Bo')}<c r="D5"/></row>`;
  const afterRows = '<mergeCells><mergeCell ref="D4:D5"/></mergeCells>';
  const file = await read(aPackage({ sheets: [rows], afterRows }));
  if (!file.ok || file.value.kind !== 'list') throw new Error(JSON.stringify(file));
  const { table } = file.value.sheets[0]!;
  expect(table.rowNos).toEqual([3, 4, 5]);
  expect(mapTable(table, guessMapping(table)).lines.map(({ text, fields }) => [text, fields.Part])).toEqual([
    ['Ann', 'horn'],
    ['Bo', 'horn'],
  ]);
});

test('a sheet under another name than usual is looked at all the same', async () => {
  const far = `<worksheet><sheetData><row r="1">${textCell('XFD1', 'far')}</row></sheetData></worksheet>`;
  expect(await problemOf(aPackage({ sheets: [''], extra: { 'xl/elsewhere/part.xml': far } }))).toMatchObject({
    kind: 'tooManyColumns',
    cell: 'XFD1',
  });
});

test('what would make a table too large is refused before it is built, with the cell', async () => {
  expect(await problemOf(aPackage({ sheets: [`<row r="1">${textCell('XFD1', 'far')}</row>`] }))).toMatchObject({
    kind: 'tooManyColumns',
    cell: 'XFD1',
  });
  expect(
    await problemOf(aPackage({ sheets: [`<row r="1048576">${textCell('A1048576', 'low')}</row>`] })),
  ).toMatchObject({ kind: 'tooManyRows', row: 1048576 });
  expect(await problemOf(encode(`${'a;'.repeat(300)}\n${'b;'.repeat(300)}`))).toMatchObject({
    kind: 'tooManyColumns',
    cell: 'IW1',
  });
  expect(await rowsOf(encode(`${'a;'.repeat(199)}x\n${'b;'.repeat(199)}y`))).toHaveLength(2);
  expect(await problemOf(encode('name\n'.repeat(20_002)))).toMatchObject({ kind: 'tooManyRows' });
});

/** A small limit here; `npm run check:deep` does it with the real one. */
test('a package that unpacks to more than a list is given up, also when its headers lie', () => {
  const { honest, lying } = bombs(3_000_000);
  expect(honest.length).toBeLessThan(20_000);
  for (const bomb of [honest, lying]) {
    expect(inspectPackage(bomb, 2_000_000)).toMatchObject({ problem: { kind: 'tooMuchInside', mostBytes: 2_000_000 } });
    expect(inspectPackage(bomb)).toMatchObject({ ok: true });
  }
});

test('other files are named for what they are', async () => {
  expect(await problemOf(new Uint8Array())).toEqual({ kind: 'fileEmpty' });
  expect(await problemOf(new Uint8Array(50_000_000))).toMatchObject({ kind: 'fileTooLarge', bytes: 50_000_000 });
  expect(await problemOf(encode('%PDF-1.7'))).toMatchObject({ what: 'pdf' });
  expect(await problemOf(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 0xa1]))).toMatchObject({ what: 'oldSpreadsheet' });
  expect(await problemOf(zipSync({ mimetype: encode('x'), 'content.xml': encode('<a/>') }))).toMatchObject({
    what: 'openText',
  });
  expect(await problemOf(zipSync({ 'photo.jpg': encode('x') }))).toMatchObject({ what: 'archive' });
  expect(await problemOf(new Uint8Array(500).fill(7))).toMatchObject({ what: 'unknown' });
  expect(await problemOf(encode('{"a": 1}'))).toMatchObject({ what: 'json' });
  expect(await problemOf(encode('['.repeat(100_000)))).toMatchObject({ what: 'json' });
  expect(await problemOf(encode('{"__proto__": {"format": "knurl-bundle"}}'))).toBeNull();
  expect(await problemOf(aPackage({ sheets: [''] }))).toEqual({ kind: 'fileEmpty' });
  expect(({} as Record<string, unknown>).format).toBeUndefined();
});

test('a damaged cell is named by its row and column', async () => {
  const rows = `<row r="1">${textCell('A1', 'Ann')}<c r="B1" t="s"><v>99</v></c></row>`;
  expect(await problemOf(aPackage({ sheets: [rows] }))).toMatchObject({ kind: 'brokenFile', row: 1, column: 2 });
});

test('broken bytes and broken cards are told where they stand', async () => {
  const csv = new Uint8Array([...encode('Name;Größe\nÅsa;M\nÖrjan;L\nŁucja;S\nBo'), 0xff, ...encode(';M')]);
  expect(await read(csv)).toMatchObject({
    value: { sheets: [{ notes: [{ kind: 'brokenBytes', count: 1, rows: [5] }] }] },
  });
  const cards = 'BEGIN:VCARD\nFN:Ann\nEND:VCARD\nBEGIN:VCARD\nNOTE:x\nEND:VCARD';
  expect(await read(encode(cards))).toMatchObject({
    value: { format: 'cards', sheets: [{ notes: [{ kind: 'brokenCards', cards: [{ cardNo: 2, lineNo: 4 }] }] }] },
  });
});

/** Honest files of every kind, to be damaged. */
const SEEDS: readonly Uint8Array[] = [
  aPackage({
    sheets: [
      `${HEADER}<row r="2">${textCell('A2', 'Ann Lee')}<c r="B2" s="1"><v>28000</v></c>${textCell('C2', '=1+1')}</row>`,
    ],
    afterRows: '<mergeCells><mergeCell ref="A2:A3"/></mergeCells>',
  }),
  encode('Name;Größe;Anzahl\n"Åsa; Öberg";M;2\nBo;L;1\n=cmd;S;x\n'),
  encode('BEGIN:VCARD\r\nVERSION:3.0\r\nN:Berg;Anna;;;\r\nFN:Anna\r\n  Berg\r\nBDAY:1976-06-14\r\nEND:VCARD\r\n'),
  encode('{"format": "knurl-bundle", "formatVersion": 1, "spec": {"__proto__": {"a": [[[]]]}}}'),
  new Uint8Array([0xff, 0xfe, ...[...'Name\tSize\nAnn\tM\n'].flatMap((c) => [c.charCodeAt(0), 0])]),
];

test('two thousand damaged files: an answer every time, a whole list or nothing', async () => {
  const damage = fc.record({
    seed: fc.nat({ max: SEEDS.length - 1 }),
    cut: fc.option(fc.double({ min: 0, max: 1, noNaN: true }), { freq: 3 }),
    spots: fc.array(fc.tuple(fc.double({ min: 0, max: 0.999, noNaN: true }), fc.nat({ max: 255 })), { maxLength: 12 }),
    doubled: fc.boolean(),
  });
  let numRead = 0;
  await fc.assert(
    fc.asyncProperty(damage, async ({ seed, cut, spots, doubled }) => {
      const honest = SEEDS[seed]!;
      const bytes = new Uint8Array(doubled ? [...honest, ...honest] : honest);
      for (const [at, value] of spots) bytes[Math.floor(at * bytes.length)] = value;
      const file = await read(cut === null ? bytes : bytes.slice(0, Math.floor(cut * bytes.length)));
      if (!file.ok) return expect(typeof file.problem.kind).toBe('string');
      if (file.value.kind !== 'list') return;
      numRead++;
      for (const { table } of file.value.sheets) {
        const mapping = guessMapping(table);
        const { lines } = mapTable(table, mapping);
        expect(lines).toHaveLength(table.rows.length - (mapping.hasHeader ? 1 : 0));
        expect(table.rows.flat().every((cell) => typeof cell === 'string')).toBe(true);
      }
    }),
    { numRuns: 2000 },
  );
  // The damage leaves many readable: the test would prove little if it did not.
  expect(numRead).toBeGreaterThan(300);
}, 60_000);

test('what other programs rightly write otherwise is read the same: switches, high letters, cells without an address', async () => {
  const day = (serial: number) => `<row r="1"><c r="A1" s="1"><v>${serial}</v></c></row>`;
  const told = (says: string) => aPackage({ sheets: [day(28000 - 1462)], says1904: says });
  for (const says of ['1', 'true']) expect(await rowsOf(told(says))).toEqual([['1976-08-28']]);
  for (const says of ['0', 'false']) expect(await rowsOf(told(says))).toEqual([['1972-08-27']]);
  const high = `<row r="1"><c r="A1" t="inlineStr"><is><t>Ann &#x1F3BA; &#128218; &#233;</t></is></c></row>`;
  expect(await rowsOf(aPackage({ sheets: [high] }))).toEqual([['Ann 🎺 📚 é']]);
  const cell = (text: string) => `<c t="inlineStr"><is><t>${text}</t></is></c>`;
  const bare = `<row>${cell('Name')}${cell('Part')}</row><row>${cell('Ann')}<c r="D2" t="inlineStr"><is><t>x</t></is></c>${cell('y')}</row><row r="5">${cell('Bo')}</row>`;
  const file = await read(aPackage({ sheets: [bare] }));
  expect(file).toMatchObject({
    value: {
      sheets: [
        { table: { rows: [{ 0: 'Name', 1: 'Part' }, { 0: 'Ann', 3: 'x', 4: 'y' }, { 0: 'Bo' }], rowNos: [1, 2, 5] } },
      ],
    },
  });
  const wide = `<row>${cell('x').repeat(300)}</row>`;
  expect(await problemOf(aPackage({ sheets: [wide] }))).toMatchObject({ kind: 'tooManyColumns', cell: 'IW1' });
  const long = `<row>${cell('x')}</row>`.repeat(20_002);
  expect(await problemOf(aPackage({ sheets: [long] }))).toMatchObject({ kind: 'tooManyRows', row: 20_002 });
});

test('days before March 1900 are the ones that the sheet shows', async () => {
  const days = [1, 31, 32, 59, 60, 61, 62].map(
    (serial, i) => `<row r="${i + 1}"><c r="A${i + 1}" s="1"><v>${serial}</v></c></row>`,
  );
  expect((await rowsOf(aPackage({ sheets: [days.join('')] }))).flat()).toEqual([
    '1900-01-01',
    '1900-01-31',
    '1900-02-01',
    '1900-02-28',
    '1900-02-29',
    '1900-03-01',
    '1900-03-02',
  ]);
});
