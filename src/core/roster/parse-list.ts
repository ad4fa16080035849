import Papa from 'papaparse';
import { type Outcome, fail, ok } from '../outcome';
import { UNREAD_QUANTITY } from '../run';
import { type ColumnPlan, planColumns } from './plan-columns';

export interface ListLine {
  /** The line as pasted. */
  readonly raw: string;
  /** What will be cut: composed, trimmed, runs of space made one. */
  readonly text: string;
  /** Null: the list says nothing of quantities. */
  readonly quantity: number | null;
  /** The list's own columns, empty cells left out. A quantity that cannot be read stands here as it came. */
  readonly fields: Readonly<Record<string, string>>;
}

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

const MOST_QUANTITY = 10_000;

/**
 * Pasted text to lines. Rows of a spreadsheet are told by their tabs, or by commas that stand the same number of times in
 * every row; anything else is one entry to a line. `wanted` overrules that. Any line ending is understood; blank rows
 * say nothing, a row with something in it is never dropped.
 */
export function parseList(pasted: string, wanted: 'detect' | 'lines' = 'detect'): Outcome<ParsedList, ListProblem> {
  const rows = rowsOf(pasted);
  const delimiter = wanted === 'lines' ? null : delimiterOf(pasted);
  const parsed = delimiter === null ? asLines(rows) : asColumns(pasted, delimiter);
  if (parsed.lines.length === 0) return fail({ kind: 'emptyList' });
  if (parsed.lines.length > MAX_ENTRIES) {
    return fail({ kind: 'tooManyEntries', numEntries: parsed.lines.length, most: MAX_ENTRIES });
  }
  return ok(parsed);
}

const LINE_END = /\r\n|[\n\r\u2028\u2029]/;

function rowsOf(pasted: string): string[] {
  return pasted.split(LINE_END);
}

function asLines(rows: readonly string[]): ParsedList {
  const lines = rows
    .map((raw) => ({ raw, text: tidy(raw), quantity: null, fields: {} }))
    .filter(({ text }) => text !== '');
  return { lines, reading: { kind: 'lines' } };
}

/** Composed, without spaces at the ends, runs of white space made one. Control characters stay, to be found. */
export function tidy(text: string): string {
  return text.normalize('NFC').replace(/\s+/gu, ' ').trim();
}

/** Tabs come from a spreadsheet; commas also stand in "Family, Given", so they must be regular and there must be a header. */
function delimiterOf(pasted: string): '\t' | ',' | null {
  const rows = rowsOf(pasted).filter((row) => row.trim() !== '');
  if (rows.filter((row) => row.includes('\t')).length * 2 > rows.length) return '\t';
  const [first = '', second] = rows;
  if (second === undefined || !first.includes(',')) return null;
  const cells = readCells(pasted, ',');
  const isRegular = cells.every((row) => row.length === cells[0]!.length);
  const plan = planColumns(cells);
  return isRegular && (plan.hasHeader || plan.quantityAt !== null) ? ',' : null;
}

/** Cells of every row that has something in it; quoted cells may hold the delimiter and line ends. */
function readCells(pasted: string, delimiter: string): string[][] {
  const { data } = Papa.parse<string[]>(pasted, { delimiter });
  return data.filter((row) => row.some((cell) => cell.trim() !== ''));
}

function asColumns(pasted: string, delimiter: '\t' | ','): ParsedList {
  const cells = readCells(pasted, delimiter);
  const plan = planColumns(cells);
  const lines = (plan.hasHeader ? cells.slice(1) : cells).map((row) => lineOf(row, delimiter, plan));
  const names = plan.names.map((name, i) => (i === plan.textAt ? 'text' : i === plan.quantityAt ? 'quantity' : name));
  return { lines, reading: { kind: 'columns', hasHeader: plan.hasHeader, names } };
}

function lineOf(row: readonly string[], delimiter: string, { names, textAt, quantityAt }: ColumnPlan): ListLine {
  const fields: Record<string, string> = {};
  row.forEach((cell, i) => {
    const value = tidy(cell);
    if (i !== textAt && i !== quantityAt && value !== '') fields[names[i] ?? `column ${i + 1}`] = value;
  });
  const said = quantityAt === null ? '' : tidy(row[quantityAt] ?? '');
  const quantity = said === '' ? null : readQuantity(said);
  if (said !== '' && quantity === null) fields[UNREAD_QUANTITY] = said;
  return { raw: row.join(delimiter).trimEnd(), text: tidy(row[textAt] ?? ''), quantity, fields };
}

/** A whole number of pieces; null for anything else. */
export function readQuantity(text: string): number | null {
  const plain = text.replace(/^[x×]\s*|\s*[x×]$/iu, '');
  return /^\d{1,5}$/.test(plain) && Number(plain) <= MOST_QUANTITY ? Number(plain) : null;
}
