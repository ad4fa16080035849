import Papa from 'papaparse';
import { unmarkFormula } from './formula-mark';

/** Rows of cells as they came. Rows may differ in length; rows without anything in them are left out. */
export interface Table {
  readonly rows: readonly (readonly string[])[];
  /** The row of each in what was sent, from 1. */
  readonly rowNos: readonly number[];
}

const DELIMITERS = ['\t', ';', ',', '|'] as const;
const SAMPLE_ROWS = 200;

/** Rows with something in them, with their numbers in what was sent. */
export function tableOf(all: readonly (readonly string[])[]): Table {
  const numbered = all
    .map((row, i) => ({ row, no: i + 1 }))
    .filter(({ row }) => row.some((cell) => cell.trim() !== ''));
  return { rows: numbered.map(({ row }) => row), rowNos: numbered.map(({ no }) => no) };
}

/**
 * The text of a file as a table. The delimiter is the one that cuts most rows into the same number of cells, two or more;
 * without any every row is one cell. A first row `sep=;` says it and is no row. Quoted cells may hold delimiters and line
 * ends; the numbers of rows count those of the table.
 */
export function readDelimited(text: string, known: string | null = null): Table {
  const told = /^sep=(.)\r?\n/.exec(text);
  const body = told ? text.slice(told[0].length) : text;
  const delimiter = known ?? told?.[1] ?? delimiterOf(body);
  const { data } = Papa.parse<string[]>(body, { delimiter: delimiter ?? '\u0000\u0001' });
  return tableOf(data);
}

function delimiterOf(text: string): string | null {
  const counts = DELIMITERS.map((delimiter) => {
    const { data } = Papa.parse<string[]>(text, { delimiter, preview: SAMPLE_ROWS });
    const widths = data.filter((row) => row.some((cell) => cell.trim() !== '')).map(({ length }) => length);
    const usual = mostCommon(widths.filter((width) => width > 1));
    const numUsual = widths.filter((width) => width === usual).length;
    return { delimiter, share: widths.length === 0 ? 0 : numUsual / widths.length, usual };
  });
  const [best] = counts.filter(({ usual }) => usual > 1).sort((a, b) => b.share - a.share || b.usual - a.usual);
  return best && best.share >= 0.5 ? best.delimiter : null;
}

function mostCommon(widths: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const width of widths) counts.set(width, (counts.get(width) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 0;
}

/** A text file as a table: as above, with the marks taken off that keep cells from being computed. */
export function readDelimitedFile(text: string): Table {
  const { rows, rowNos } = readDelimited(text);
  return { rows: rows.map((row) => row.map(unmarkFormula)), rowNos };
}
