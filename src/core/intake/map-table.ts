import { type NameParts, NO_NAME, isNamePart, joinName } from '../names';
import { UNREAD_QUANTITY } from '../spec';
import { type Mapping, fieldNameOf } from './guess-mapping';
import type { Table } from './read-delimited';

export interface ListLine {
  /** The line as it came, cells parted by tabs. */
  readonly raw: string;
  /** What will be cut: composed, trimmed, runs of space made one. */
  readonly text: string;
  /** Null: the list says nothing of quantities. */
  readonly quantity: number | null;
  /** Parts of the name and the list's own columns, empty cells left out. A quantity that cannot be read stands here as it came. */
  readonly fields: Readonly<Record<string, string>>;
}

export interface MappedTable {
  readonly lines: readonly ListLine[];
  /** The row of each line in what was sent, from 1. */
  readonly rowNos: readonly number[];
  /** How many lines had spaces at an end or doubled ones, which are gone. */
  readonly numTidied: number;
  /** Name of the column by which the list is matched when it comes again; null: by the name. */
  readonly keyColumn: string | null;
}

const MOST_QUANTITY = 10_000;

/** Rows to lines by what their columns are taken for. Rows with something in them are never dropped. */
export function mapTable({ rows, rowNos }: Table, mapping: Mapping): MappedTable {
  const from = mapping.hasHeader ? 1 : 0;
  const body = rows.slice(from);
  const lines = body.map((row) => lineOf(row, mapping));
  const { keyAt } = mapping;
  const key = keyAt === null ? undefined : mapping.columns[keyAt];
  return {
    lines,
    rowNos: rowNos.slice(from),
    numTidied: body.filter((row) => row.some((cell) => cell !== cell.trim() || /\S\s{2,}\S/u.test(cell))).length,
    keyColumn: key ? fieldNameOf(key) : null,
  };
}

/** An entry's line as it came, read by this mapping; null when it has more cells than that. Null as mapping: plain lines. */
export function rereadLine(raw: string, mapping: Mapping | null): ListLine | null {
  if (!mapping) return raw.includes('\t') ? null : { raw, text: tidy(raw), quantity: null, fields: {} };
  const row = raw.split('\t');
  return row.length <= mapping.columns.length ? lineOf(row, mapping) : null;
}

function lineOf(row: readonly string[], mapping: Mapping): ListLine {
  const fields: Record<string, string> = {};
  let text = '';
  let said = '';
  row.forEach((cell, i) => {
    const column = mapping.columns[i] ?? { role: 'own' as const, name: `column ${i + 1}` };
    const value = tidy(cell);
    const isKey = i === mapping.keyAt;
    if (column.role === 'text') text = value;
    else if (column.role === 'quantity' && !isKey) said = value;
    else if (value !== '' && (column.role !== 'out' || isKey)) fields[fieldNameOf(column)] = value;
  });
  if (!mapping.columns.some(({ role }) => role === 'text')) text = joinName(partsIn(fields)) || (fields.pet ?? '');
  const quantity = said === '' ? null : readQuantity(said);
  if (said !== '' && quantity === null) fields[UNREAD_QUANTITY] = said;
  return { raw: row.join('\t').trimEnd(), text, quantity, fields };
}

function partsIn(fields: Readonly<Record<string, string>>): NameParts {
  return { ...NO_NAME, ...Object.fromEntries(Object.entries(fields).filter(([name]) => isNamePart(name))) };
}

/** Composed, without spaces at the ends, runs of white space made one. Control characters stay, to be found. */
export function tidy(text: string): string {
  return text.normalize('NFC').replace(/\s+/gu, ' ').trim();
}

/** A whole number of pieces; null for anything else. */
export function readQuantity(text: string): number | null {
  const plain = text.replace(/^[x×]\s*|\s*[x×]$/iu, '');
  return /^\d{1,5}$/.test(plain) && Number(plain) <= MOST_QUANTITY ? Number(plain) : null;
}
