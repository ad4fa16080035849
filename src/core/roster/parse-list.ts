import {
  type ColumnUse,
  type ListLine,
  type Mapping,
  type Table,
  guessMapping,
  mapTable,
  markedLines,
  readDelimited,
  tidy,
} from '../intake';
import { type Outcome, fail, ok } from '../outcome';

export interface ParsedList {
  readonly lines: readonly ListLine[];
  /** How it was read, to be shown before it is taken. */
  readonly reading: Reading;
}

export type Reading =
  | { readonly kind: 'lines' }
  | { readonly kind: 'columns'; readonly hasHeader: boolean; readonly names: readonly string[] };

export type ListProblem =
  | { readonly kind: 'emptyList' }
  | { readonly kind: 'tooManyEntries'; readonly numEntries: number; readonly most: number };

export const MAX_ENTRIES = 20_000;

/** Pasted text: plain lines, or a table with a first guess at its columns. */
export type PastedList =
  | { readonly kind: 'lines'; readonly lines: readonly ListLine[] }
  | { readonly kind: 'table'; readonly table: Table; readonly guess: Mapping };

/**
 * Rows of a spreadsheet are told by their tabs, or by commas or semicolons that stand the same number of times in every
 * row; anything else is one entry to a line, without what people write around names (numbering, headings, `x2`). Any line ending is
 * understood.
 */
export function readPasted(pasted: string, wanted: 'detect' | 'lines' = 'detect'): PastedList {
  const delimiter = wanted === 'lines' ? null : delimiterOf(pasted);
  if (delimiter !== null) {
    const table = readDelimited(pasted, delimiter);
    return { kind: 'table', table, guess: guessMapping(table) };
  }
  const marked = wanted === 'lines' ? null : markedLines(rowsOf(pasted));
  if (marked) return { kind: 'table', ...marked };
  const lines = rowsOf(pasted)
    .map((raw) => ({ raw, text: tidy(raw), quantity: null, fields: {} }))
    .filter(({ text }) => text !== '');
  return { kind: 'lines', lines };
}

/** Pasted text to lines, its columns taken as guessed. Blank rows say nothing, a row with something in it is never dropped. */
export function parseList(pasted: string, wanted: 'detect' | 'lines' = 'detect'): Outcome<ParsedList, ListProblem> {
  const list = readPasted(pasted, wanted);
  const lines = list.kind === 'lines' ? list.lines : mapTable(list.table, list.guess).lines;
  const problem = countProblem(lines.length);
  if (problem) return fail(problem);
  if (list.kind === 'lines') return ok({ lines, reading: { kind: 'lines' } });
  const { hasHeader, columns } = list.guess;
  return ok({ lines, reading: { kind: 'columns', hasHeader, names: columns.map(nameOfUse) } });
}

/** Why a list of so many entries cannot be taken; null when it can. */
export function countProblem(numEntries: number): ListProblem | null {
  if (numEntries === 0) return { kind: 'emptyList' };
  return numEntries > MAX_ENTRIES ? { kind: 'tooManyEntries', numEntries, most: MAX_ENTRIES } : null;
}

function nameOfUse({ role, name }: ColumnUse): string {
  return role === 'own' ? name : role;
}

const LINE_END = /\r\n|[\n\r\u2028\u2029]/;

function rowsOf(pasted: string): string[] {
  return pasted.split(LINE_END);
}

/** Tabs come from a spreadsheet; commas also stand in "Family, Given", so they must be regular and there must be a header. */
function delimiterOf(pasted: string): string | null {
  const rows = rowsOf(pasted).filter((row) => row.trim() !== '');
  if (rows.filter((row) => row.includes('\t')).length * 2 > rows.length) return '\t';
  const [first = '', second] = rows;
  const delimiter = [',', ';'].find((mark) => first.includes(mark));
  if (second === undefined || delimiter === undefined) return null;
  const table = readDelimited(pasted, delimiter);
  const [head] = table.rows;
  const isRegular = head !== undefined && head.length > 1 && table.rows.every((row) => row.length === head.length);
  if (!isRegular) return null;
  const { hasHeader, columns } = guessMapping(table);
  return hasHeader || columns.some(({ role }) => role === 'quantity') ? delimiter : null;
}
