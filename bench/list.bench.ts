import writeXlsx from 'write-excel-file/node';
import { guessMapping, mapTable } from '@/core/intake';
import { compareList, entriesFromList, listQuestions } from '@/core/roster';
import type { RunSpec } from '@/core/spec';
import { newRunSpec } from '@/core/edit';
import { proofRows } from '@/core/wording';
import { readListFile } from '@/services/list-file/read-list-file';
import { type Bench, cpuMs, cpuMsOf } from './bench';

const PARTS = ['ka', 'ro', 'mi', 'len', 'sta', 'vor', 'ny', 'del', 'an', 'bri'];
const word = (i: number, length: number) =>
  Array.from({ length }, (_, k) => PARTS[(i * 7 + k * 3 + (i >> k)) % 10]).join('');
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Rows as a club might send them: every tenth with some trouble. */
function rows(count: number): string[][] {
  const body = Array.from({ length: count }, (_, i) => {
    const name = `${capital(word(i, 2))} ${capital(word(i * 13 + 5, 3))}`;
    return [
      String(i + 1),
      i % 10 === 0 ? name.toUpperCase() : name,
      `${(i % 28) + 1}/${(i % 12) + 1}/${1960 + (i % 60)}`,
      ['S', 'M', 'L', 'XL'][i % 4]!,
      String((i % 3) + 1),
      i % 11 === 0 ? '=1+1' : 'a remark of some length',
    ];
  });
  return [['Member no', 'Name', 'Joined', 'Size', 'Qty', 'Remarks'], ...body];
}

async function spreadsheet(count: number): Promise<Uint8Array> {
  const cells = rows(count).map((row) => row.map((value) => ({ value, type: String })));
  return new Uint8Array(await (await writeXlsx(cells)).toBuffer());
}

const random = (count: number) => crypto.getRandomValues(new Uint8Array(count));

function listBench(count: number, target: string): Bench {
  let bytes: Uint8Array | null = null;
  return {
    name: `${count.toLocaleString('en')} rows of a spreadsheet read, mapped, checked`,
    target,
    run: async () => {
      bytes ??= await spreadsheet(count);
      let note = '';
      const ms = await cpuMsOf(async () => {
        const started = performance.now();
        const file = await readListFile(bytes!, 'club.xlsx');
        if (!file.ok || file.value.kind !== 'list') throw new Error('the list was not read');
        const read = performance.now();
        const { table } = file.value.sheets[0]!;
        const { lines, keyColumn } = mapTable(table, guessMapping(table));
        const entries = entriesFromList(lines, random);
        compareList(entries, lines, keyColumn);
        const mapped = performance.now();
        const asked = listQuestions(newRunSpec({ title: 'Club', dueOn: null, entries }, random));
        const parts = [read - started, mapped - read, performance.now() - mapped].map((part) => part.toFixed(0));
        note = `read ${parts[0]}, mapped and compared ${parts[1]}, ${asked.length} questions ${parts[2]} ms`;
      });
      return { ms, note };
    },
  };
}

function run(count: number): RunSpec {
  const [header = [], ...body] = rows(count);
  const table = { rows: [header, ...body], rowNos: [] };
  const { lines } = mapTable(table, guessMapping(table));
  return newRunSpec({ title: 'Club', dueOn: null, entries: entriesFromList(lines, random) }, random);
}

export const LIST_BENCHES: readonly Bench[] = [
  listBench(1000, '≤ 1500 ms'),
  listBench(10_000, 'works'),
  {
    name: '10,000 texts worded for the proof',
    target: 'none set',
    run: () => {
      const spec = run(10_000);
      let note = '';
      const ms = cpuMs(() => {
        note = `${proofRows(spec).length} texts`;
      });
      return { ms, note };
    },
  },
];
