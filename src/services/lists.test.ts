import { removeFolders, aContext, problemOf, valueOf } from './test/a-context';
import { carried, jsonBytes } from './test/carried';
import { aPackage, textCell } from './test/a-package';
import { proofRows, tickRows } from '@/core/wording';
import { createRun, getRun, importBundle, proofOfRun, readList, replaceList, rosterCsv, rosterXlsx, saveSpec } from '.';

afterAll(removeFolders);
const encode = (text: string) => new TextEncoder().encode(text);
const text = (bytes: Uint8Array) => new TextDecoder().decode(bytes);

test('what columns were taken for is known again under the same headers', async () => {
  const context = await aContext();
  const csv = encode('Wer;Was\nAnn;tuba\nBo;horn');
  const first = valueOf(await readList(context, csv, 'a.csv'));
  if (first.kind !== 'list') throw new Error(first.kind);
  const [sheet] = first.sheets;
  expect(sheet!.isRemembered).toBe(false);
  // Headers that say nothing: the first row counts as one only once somebody says so.
  const mapping = {
    hasHeader: true,
    keyAt: null,
    columns: [
      { role: 'text' as const, name: 'Wer' },
      { role: 'note' as const, name: 'Was' },
    ],
  };
  const rows = sheet!.table.rows.map((row) => [...row]);
  const run = valueOf(await createRun(context, { title: 'A', dueOn: null, table: { rows, mapping } }));
  expect(run.spec.entries.map(({ fields }) => fields)).toEqual([
    { text: 'Ann', note: 'tuba' },
    { text: 'Bo', note: 'horn' },
  ]);
  const again = valueOf(await readList(context, encode('wer; WAS*\nCy;flute'), 'b.csv'));
  expect(again).toMatchObject({
    sheets: [{ isRemembered: true, mapping: { hasHeader: true, columns: [{ role: 'text' }, { role: 'note' }] } }],
  });
});

test('a list by key is laid over by key, and the key is remembered with the run', async () => {
  const context = await aContext();
  const table = (rows: string[][]) => ({
    rows,
    mapping: {
      hasHeader: true,
      keyAt: 0,
      columns: [
        { role: 'own' as const, name: 'No' },
        { role: 'text' as const, name: 'Name' },
      ],
    },
  });
  const run = valueOf(
    await createRun(context, {
      title: 'A',
      dueOn: null,
      table: table([
        ['No', 'Name'],
        ['1', 'Ann'],
        ['2', 'Bo'],
      ]),
    }),
  );
  expect(run.spec.list.keyColumn).toBe('No');
  const laid = valueOf(await replaceList(context, run.id, run.counter, { list: 'No\tName\n2\tBob\n1\tAnn' }));
  expect(laid.spec.entries.map(({ id, fields }) => [id, fields.text])).toEqual([
    [run.spec.entries[1]!.id, 'Bob'],
    [run.spec.entries[0]!.id, 'Ann'],
  ]);
});

test('a file that cannot be read leaves nothing behind', async () => {
  const context = await aContext();
  expect(problemOf(await readList(context, encode('%PDF'), 'x.pdf'))).toEqual({
    kind: 'unreadableFile',
    fileName: 'x.pdf',
    file: { kind: 'otherFile', what: 'pdf' },
  });
});

test('cells that a spreadsheet would compute are text in every file, and come back as they were', async () => {
  const context = await aContext();
  const cells = ['=1+1', '+49 151', '-x', '@name', "'=x", 'Ann', '＝x'];
  const run = valueOf(await createRun(context, { title: 'A', dueOn: null, list: cells.join('\n'), reading: 'lines' }));
  const csv = valueOf(await rosterCsv(context, run.id)).bytes;
  for (const line of text(csv).split('\r\n').slice(1, -1)) expect(line).not.toMatch(/^"?[=+\-@＝]/);
  const xlsx = valueOf(await rosterXlsx(context, run.id)).bytes;
  for (const bytes of [csv, xlsx]) {
    const list = valueOf(await readList(context, bytes, 'roster'));
    if (list.kind !== 'list') throw new Error(list.kind);
    const [sheet] = list.sheets;
    expect(sheet!.notes).toEqual([]);
    const back = valueOf(
      await createRun(context, {
        title: 'B',
        dueOn: null,
        table: {
          rows: sheet!.table.rows.map((r) => [...r]),
          mapping: { ...sheet!.mapping, columns: [...sheet!.mapping.columns] },
        },
      }),
    );
    // A spreadsheet keeps the apostrophe as a letter: only in text files does it mean "not a formula".
    expect(back.spec.entries.map(({ fields }) => fields.text)).toEqual(cells);
  }
});

test('the proof is a PDF with every text, also in other scripts', async () => {
  const context = await aContext();
  const run = valueOf(
    await createRun(context, { title: 'Пробный', dueOn: null, list: 'Ann\nОльга\nBo', reading: 'lines' }),
  );
  const pdf = valueOf(await proofOfRun(context, run.id)).bytes;
  expect(text(pdf.slice(0, 5))).toBe('%PDF-');
  expect(pdf.length).toBeGreaterThan(5000);
  expect(problemOf(await proofOfRun(context, 'nosuchrunx'))).toEqual({ kind: 'runNotFound', runId: 'nosuchrunx' });
});

test('a bundle is told apart, and a spreadsheet with several sheets offers each', async () => {
  const context = await aContext();
  expect(valueOf(await readList(context, encode('{"format": "knurl-bundle"}'), 'r.json'))).toEqual({ kind: 'bundle' });
  const sheets = ['<row r="1">' + textCell('A1', 'Ann') + '</row>', '<row r="1">' + textCell('A1', 'Bo') + '</row>'];
  expect(valueOf(await readList(context, aPackage({ sheets }), 'r.xlsx'))).toMatchObject({
    sheets: [{ name: 'Sheet 1' }, { name: 'Sheet 2' }],
  });
  expect((await getRun(context, 'none')).ok).toBe(false);
});

test('a bundle keeps the ticks of the proof, and a key that every object has does no harm', async () => {
  const context = await aContext();
  const run = valueOf(await createRun(context, { title: 'A', dueOn: null, list: 'Ann\nBo', reading: 'lines' }));
  const spec = tickRows(run.spec, proofRows(run.spec), 'Ada', '2026-05-01T10:00:00Z');
  valueOf(await saveSpec(context, run.id, run.counter, spec));
  const bundle = await carried(context, run.id);
  const brought = valueOf(await importBundle(context, jsonBytes(bundle)));
  expect(brought.spec.proof).toEqual(spec.proof);
  const hostile = JSON.parse(
    JSON.stringify(bundle).replace('"text":"Ann"', '"text":"Ann","__proto__":{"polluted":"yes"}'),
  );
  const after = await importBundle(context, jsonBytes(hostile));
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  if (after.ok) expect(Object.getPrototypeOf(after.value.spec.entries[0]!.fields)).toBe(Object.prototype);
});
