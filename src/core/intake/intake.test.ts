import fc from 'fast-check';
import {
  decodeText,
  guessMapping,
  headerKey,
  mapTable,
  markFormula,
  readCards,
  readDelimited,
  rolesOfHeader,
  tableOf,
  unmarkFormula,
  withRole,
  withoutTitle,
} from '.';

const bytesOf = (text: string) => new TextEncoder().encode(text);
const utf16 = (text: string, order: 'le' | 'be', mark: boolean) => {
  const units = [...((mark ? '\ufeff' : '') + text)].flatMap((c) =>
    [...c].flatMap((_, i) => (i === 0 ? [...Array(c.length).keys()].map((k) => c.charCodeAt(k)) : [])),
  );
  return new Uint8Array(units.flatMap((unit) => (order === 'le' ? [unit & 255, unit >> 8] : [unit >> 8, unit & 255])));
};
const rolesOf = (rows: string[][]) => guessMapping(tableOf(rows)).columns.map(({ role }) => role);

test('encodings: told by a mark, by zero bytes, by being right, or old', () => {
  expect(decodeText(bytesOf('\ufeffÅsa'))).toEqual({ text: 'Åsa', encoding: 'utf-8', numBroken: 0, readings: [] });
  expect(decodeText(bytesOf('Åsa'))).toMatchObject({ text: 'Åsa', encoding: 'utf-8' });
  expect(decodeText(utf16('Åsa;Øst', 'le', true))).toMatchObject({ text: 'Åsa;Øst', encoding: 'utf-16le' });
  expect(decodeText(utf16('Name;Size', 'be', true))).toMatchObject({ text: 'Name;Size', encoding: 'utf-16be' });
  expect(decodeText(utf16('Name;Size\nAnn;M', 'le', false))).toMatchObject({ encoding: 'utf-16le', numBroken: 0 });
  expect(decodeText(new Uint8Array([0xc5, 0x73, 0x61, 0x3b, 0x80]))).toMatchObject({
    text: 'Åsa;€',
    encoding: 'windows-1252',
  });
  expect(decodeText(new Uint8Array([...bytesOf('Åsa Öst, Łucja, Ñuño '), 0xff]))).toMatchObject({
    encoding: 'utf-8',
    numBroken: 1,
  });
});

test('delimiters, quoting, a row that names the delimiter, rows numbered as they stand in the file', () => {
  expect(readDelimited('Name;Size\n"Lee; Ann";M\n\nBo;L').rows).toEqual([
    ['Name', 'Size'],
    ['Lee; Ann', 'M'],
    ['Bo', 'L'],
  ]);
  expect(readDelimited('Name;Size\nAnn;M\n\nBo;L').rowNos).toEqual([1, 2, 4]);
  expect(readDelimited('sep=|\na|b\nc|d').rows).toEqual([
    ['a', 'b'],
    ['c', 'd'],
  ]);
  expect(readDelimited('Ann Lee\nBo').rows).toEqual([['Ann Lee'], ['Bo']]);
  expect(readDelimited('a\tb, c\nd\te, f').rows).toEqual([
    ['a', 'b, c'],
    ['d', 'e, f'],
  ]);
});

test('headers in several languages', () => {
  expect(['Vorname', 'Prénom', 'nombre', 'Imię', 'Voornaam', 'First name*'].map((h) => rolesOfHeader(h)[0])).toEqual(
    Array(6).fill('given'),
  );
  expect(['Größe (EU)', 'Taille', 'Maat', 'SIZE:'].map((h) => rolesOfHeader(h)[0])).toEqual(Array(4).fill('size'));
  expect(
    rolesOf([
      ['Nom', 'Prénom', 'Date de naissance', 'Qté'],
      ['Roche', 'Ève', '3/4/1990', '2'],
    ]),
  ).toEqual(['family', 'given', 'date', 'quantity']);
  expect(
    rolesOf([
      ['Name', 'Vorname', 'Instrument'],
      ['Berg', 'Anna', 'horn'],
    ]),
  ).toEqual(['family', 'given', 'own']);
  expect(
    rolesOf([
      ['Name', 'First name'],
      ['Anna Berg', 'Anna'],
      ['Bo Lee', 'Bo'],
    ]),
  ).toEqual(['text', 'given']);
  expect(
    rolesOf([
      ['Name', 'Name'],
      ['a', 'b'],
    ]),
  ).toEqual(['text', 'own']);
});

test('"Name" beside a given name is told row by row, also where cells are empty', () => {
  const rows = [
    ['Name', 'First name'],
    ['', 'Cy'],
    ['Anna Berg', 'Anna'],
    ['Bo Lee', 'Bo'],
    ['Di May', 'Di'],
  ];
  expect(rolesOf(rows)).toEqual(['text', 'given']);
});

test('without headers the contents speak', () => {
  expect(
    rolesOf([
      ['Ann Lee', '14.6.1976', '2', 'M'],
      ['Bo May', '1.2.1980', '1', 'XL'],
    ]),
  ).toEqual(['text', 'date', 'quantity', 'size']);
  expect(
    rolesOf([
      ['Wer', 'Wann'],
      ['Ann', '14.6.1976'],
      ['Bo', '3.4.1980'],
    ]),
  ).toEqual(['text', 'date']);
  expect(
    guessMapping(
      tableOf([
        ['Foo', 'Bar'],
        ['Ann', '12'],
        ['Bo', '13'],
      ]),
    ).hasHeader,
  ).toBe(true);
  expect(rolesOf([[''], ['12']])).toEqual(['text']);
  expect(guessMapping(tableOf([])).columns).toEqual([]);
});

test('a key column is one that tells everybody apart', () => {
  const rows = [
    ['Member no', 'Name'],
    ['7', 'Ann'],
    ['9', 'Bo'],
  ];
  expect(guessMapping(tableOf(rows)).keyAt).toBe(0);
  expect(mapTable(tableOf(rows), guessMapping(tableOf(rows)))).toMatchObject({
    keyColumn: 'Member no',
    lines: [{ text: 'Ann', fields: { 'Member no': '7' } }, {}],
  });
  expect(guessMapping(tableOf([...rows, ['7', 'Cy']])).keyAt).toBeNull();
});

test('a title above the header is left out and told; a name above names is not', () => {
  const header = ['Name', 'Size'];
  const titled = tableOf([['Club 2026', 'Club 2026'], [], ['as of May'], header, ['Ann', 'M']]);
  expect(withoutTitle(titled)).toEqual({
    table: { rows: [header, ['Ann', 'M']], rowNos: [4, 5] },
    titleRowNos: [1, 3],
  });
  const plain = tableOf([['Ann', 'M'], header, ['Bo', 'L']]);
  expect(withoutTitle(plain)).toEqual({ table: plain, titleRowNos: [] });
  expect(withoutTitle(tableOf([['Ann'], ['Bo']])).titleRowNos).toEqual([]);
});

test('a role stands once; what had it before becomes the list’s own', () => {
  const mapping = guessMapping(
    tableOf([
      ['Name', 'Called'],
      ['Ann Lee', 'Annie'],
    ]),
  );
  expect(withRole(mapping, 1, 'text').columns.map(({ role }) => role)).toEqual(['own', 'text']);
  expect(withRole(mapping, 1, 'out').columns.map(({ role }) => role)).toEqual(['text', 'out']);
});

test('the same headers are known again, however they are written', () => {
  const key = (...heads: string[]) => {
    const table = tableOf([heads, ['Ann', 'M']]);
    return headerKey(table, guessMapping(table));
  };
  expect(key('Name ', 'SIZE')).toBe(key('name', 'Size*'));
  expect(key('Name', 'Size')).not.toBe(key('Size', 'Name'));
  const bare = tableOf([['Ann', 'Lee 4']]);
  expect(headerKey(bare, guessMapping(bare))).toBe('');
});

test('rows to lines: text made of parts, spaces tidied and counted, numbers of rows kept', () => {
  const table = tableOf([
    ['First', 'Last', 'Nickname', 'Qty', 'Seat'],
    ['Anna ', 'van der Berg', 'Ann', 'x2', '4'],
    [],
    ['', '', 'Bo', 'some', ''],
  ]);
  const mapped = mapTable(table, guessMapping(table));
  expect(mapped.lines.map(({ text, quantity }) => [text, quantity])).toEqual([
    ['Anna van der Berg', 2],
    ['Bo', null],
  ]);
  expect(mapped.lines[0]!.fields).toEqual({ given: 'Anna', family: 'van der Berg', pet: 'Ann', Seat: '4' });
  expect(mapped.lines[1]!.fields).toEqual({ pet: 'Bo', quantity: 'some' });
  expect(mapped).toMatchObject({ rowNos: [2, 4], numTidied: 1, keyColumn: null });
});

test('marking keeps cells from being formulas, and unmarking gives every cell back', () => {
  expect(['=1+1', '+49', '-x', '@a', "'=x", 'Ann', "O'Dell", "'tis"].map(markFormula)).toEqual([
    "'=1+1",
    "'+49",
    "'-x",
    "'@a",
    "''=x",
    'Ann',
    "O'Dell",
    "'tis",
  ]);
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom(...`='+-@a\t `) }), (cell) => {
      expect(unmarkFormula(markFormula(cell))).toBe(cell);
      expect(markFormula(cell)).not.toMatch(/^[=+\-@\t\r]/);
    }),
  );
});

const card = (...lines: string[]) => ['BEGIN:VCARD', 'VERSION:3.0', ...lines, 'END:VCARD'].join('\r\n');

test('cards: folded, quoted-printable, grouped, with pictures; both versions', () => {
  const { table, troubles } = readCards(
    [
      card(
        'N:Berg;Anna;Maria;Dr.;',
        'FN:Dr. Anna Maria',
        '  Berg',
        'BDAY:19760614',
        'PHOTO;ENCODING=b;TYPE=JPEG:/9j/4AAQ',
        ' SkZJRgAB',
      ),
      card(
        'N;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:M=C3=BCller;J=C3=B6rg;;;',
        'FN;ENCODING=QUOTED-PRINTABLE;CHARSET=UTF-8:J=C3=B6rg =',
        'M=C3=BCller',
      ),
      card('item1.FN:Bo Lee', 'N:Lee;Bo;;;', 'NICKNAME:Bobo,Bee', 'NOTE:two\\, please').replace('3.0', '4.0'),
    ].join('\r\n'),
  );
  expect(troubles).toEqual([]);
  expect(table.rows.slice(1)).toEqual([
    ['Dr. Anna Maria Berg', 'Dr.', 'Anna', 'Maria', 'Berg', '', '', '1976-06-14', ''],
    ['Jörg Müller', '', 'Jörg', '', 'Müller', '', '', '', ''],
    ['Bo Lee', '', 'Bo', '', 'Lee', '', 'Bobo', '', 'two, please'],
  ]);
  const mapping = guessMapping(table);
  expect(mapping.columns.map(({ role }) => role)).toEqual([
    'text',
    'title',
    'given',
    'further',
    'family',
    'suffix',
    'pet',
    'date',
    'note',
  ]);
});

test('a broken card is told by its number and line, and takes no other with it', () => {
  const { table, troubles } = readCards(
    [card('FN:Ann'), 'BEGIN:VCARD', 'FN:Half', card('NOTE:nobody'), card('FN:Bo')].join('\n'),
  );
  expect(table.rows.slice(1).map(([name]) => name)).toEqual(['Ann', 'Bo']);
  expect(troubles).toEqual([
    { cardNo: 2, lineNo: 5 },
    { cardNo: 3, lineNo: 7 },
  ]);
});

test('guessing and mapping never throw and never lose a row', () => {
  const cell = fc.oneof(
    fc.string(),
    fc.constantFrom('Name', 'date', '14/6', '=1', '__proto__', 'M', '', 'constructor'),
  );
  fc.assert(
    fc.property(fc.array(fc.array(cell, { maxLength: 5 }), { maxLength: 8 }), (rows) => {
      const table = tableOf(rows);
      const mapping = guessMapping(table);
      expect(mapTable(table, mapping).lines).toHaveLength(Math.max(0, table.rows.length - (mapping.hasHeader ? 1 : 0)));
    }),
    { numRuns: 500 },
  );
});

test.each([
  ['BDAY:19760614', '1976-06-14'],
  ['BDAY:1976-06-14T00:00:00Z', '1976-06-14'],
  ['BDAY:--0614', '--06-14'],
  ['BDAY:--06-14', '--06-14'],
  ['BDAY;VALUE=date-and-or-time:--0614', '--06-14'],
  ['BDAY;X-OMIT-YEAR=1604:1604-06-14', '--06-14'],
  ['BDAY;X-OMIT-YEAR=1604:16040614', '--06-14'],
  ['BDAY;X-OMIT-YEAR=1604:1976-06-14', '1976-06-14'],
  ['BDAY;VALUE=text:circa 1976', 'circa 1976'],
  ['BDAY:14 June', '14 June'],
  ['BDAY:1976', '1976'],
  ['BDAY:', ''],
])('a card that says %s', (line, birthday) => {
  const { table, troubles } = readCards(`BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Ann Lind\r\n${line}\r\nEND:VCARD\r\n`);
  expect([table.rows[1]?.[7], troubles]).toEqual([birthday, []]);
});

test('marks before semicolons and commas are no part of a name', () => {
  const { table } = readCards(
    'BEGIN:VCARD\nVERSION:3.0\nFN:Lind\\; Anna\\, II\nN:Li\\;nd;Anna;;;\nNOTE:a\\nb\\; c\nEND:VCARD',
  );
  expect(table.rows[1]).toEqual(['Lind; Anna, II', '', 'Anna', '', 'Li;nd', '', '', '', 'a\nb; c']);
});

test('cards are numbered by the line where they begin, and one that never ends is told, the first as well', () => {
  const broken = readCards('BEGIN:VCARD\nFN:Ann\nBEGIN:VCARD\nFN:Bo\nEND:VCARD\n');
  expect(broken.troubles).toEqual([{ cardNo: 1, lineNo: 1 }]);
  expect(broken.table.rowNos).toEqual([1, 3]);
  expect(readCards('BEGIN:VCARD\nFN:Ann\n').troubles).toEqual([{ cardNo: 1, lineNo: 1 }]);
});
