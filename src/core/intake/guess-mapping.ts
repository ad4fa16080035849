import { readDate } from '../dates';
import { type ColumnRole, COLUMN_ROLES, plainHeader, rolesOfHeader } from './column-roles';
import type { Table } from './read-delimited';

export interface ColumnUse {
  readonly role: ColumnRole;
  /** As the column is called: its header, or `column 3`. No two are alike, and none is a name that means something else. */
  readonly name: string;
}

/** What each column of a table is taken for. */
export interface Mapping {
  readonly hasHeader: boolean;
  readonly columns: readonly ColumnUse[];
  /** The column by which a newer list is matched; null: by the name. */
  readonly keyAt: number | null;
}

/** Guesses look at so many rows: later ones seldom say something else, and a long list should not wait. */
const SAMPLE_ROWS = 300;
const MOST_NAME_LENGTH = 60;

/**
 * Guesses by the headers, in any of the languages known, then by what stands in the columns that no header explains. No
 * role is given twice; with neither text nor a part of a name the first column with letters is the text. Whether the first
 * row is a header is guessed too, unless somebody says.
 */
export function guessMapping({ rows }: Table, wantsHeader: boolean | null = null): Mapping {
  const sample = rows.slice(0, SAMPLE_ROWS);
  const hasHeader = wantsHeader ?? looksLikeHeader(sample);
  const [first = []] = sample;
  const body = hasHeader ? sample.slice(1) : sample;
  const numColumns = rows.reduce((most, row) => Math.max(most, row.length), 0);
  const aligned = Array.from({ length: numColumns }, (_, i) => body.map((row) => (row[i] ?? '').trim()));
  const columns = aligned.map((cells) => cells.filter(Boolean));
  const roles: (ColumnRole | null)[] = columns.map(() => null);
  const taken = new Set<ColumnRole>();
  const give = (at: number, role: ColumnRole) => {
    if (roles[at] !== null || taken.has(role)) return;
    roles[at] = role;
    taken.add(role);
  };
  if (hasHeader) giveByHeaders(first, aligned, give);
  if (!taken.has('date')) columns.forEach((cells, i) => isDates(cells, hasHeader) && give(i, 'date'));
  if (!hasHeader) columns.forEach((cells, i) => isQuantities(cells, body.length) && i > 0 && give(i, 'quantity'));
  if (!taken.has('size')) columns.forEach((cells, i) => isSizes(cells) && give(i, 'size'));
  if (!['text', 'given', 'family', 'pet', 'monogram'].some((role) => taken.has(role as ColumnRole))) {
    const at = columns.findIndex((cells, i) => roles[i] === null && cells.some((cell) => /\p{L}/u.test(cell)));
    give(Math.max(0, at >= 0 ? at : roles.indexOf(null)), 'text');
  }
  const names = uniqueNames(Array.from({ length: numColumns }, (_, i) => (hasHeader ? (first[i] ?? '') : '')));
  return {
    hasHeader,
    columns: roles.map((role, i) => ({ role: role ?? 'own', name: names[i]! })),
    keyAt: keyColumn(first, columns, hasHeader),
  };
}

/** The mapping with another role for one column; a column that had the role becomes the list's own. */
export function withRole(mapping: Mapping, at: number, role: ColumnRole): Mapping {
  const isShared = role === 'own' || role === 'out';
  const columns = mapping.columns.map((column, i) => {
    if (i === at) return { ...column, role };
    return !isShared && column.role === role ? { ...column, role: 'own' as const } : column;
  });
  return { ...mapping, columns };
}

/** What columns were taken for under some headers, in their order. */
export interface ColumnChoice {
  readonly roles: readonly ColumnRole[];
  readonly keyAt: number | null;
}

/** The mapping as it was chosen before for the same headers; as it is when the number of columns is another. */
export function withChoice(mapping: Mapping, { roles, keyAt }: ColumnChoice): Mapping {
  if (roles.length !== mapping.columns.length) return mapping;
  return { ...mapping, keyAt, columns: mapping.columns.map((column, i) => ({ ...column, role: roles[i]! })) };
}

/** The same for tables with the same headers, in any case; empty when the table has none. */
export function headerKey({ rows }: Table, { hasHeader }: Mapping): string {
  return hasHeader ? (rows[0] ?? []).map(plainHeader).join('\t') : '';
}

/** A word that heads columns, or a first row of words above figures and dates. */
function looksLikeHeader(rows: readonly (readonly string[])[]): boolean {
  const [first = [], ...others] = rows;
  if (others.length === 0) return false;
  if (first.some((cell) => rolesOfHeader(cell).length > 0)) return true;
  const isWords = first.every((cell) => !/\d/.test(cell)) && first.filter((cell) => cell.trim() !== '').length > 1;
  const isFigures = (i: number) => others.every((row) => /^[\d\s./-]+$/.test(row[i] ?? ''));
  return isWords && others.length > 1 && first.some((_, i) => isFigures(i));
}

/** `columns` have a cell for every row, empty ones as well, so that two of them can be laid beside each other. */
function giveByHeaders(
  headers: readonly string[],
  columns: readonly (readonly string[])[],
  give: (at: number, role: ColumnRole) => void,
): void {
  const meant = headers.map(rolesOfHeader);
  const hasGiven = meant.some(([role]) => role === 'given');
  const hasFamily = meant.some(([role]) => role === 'family');
  // "Name" beside "Vorname" or "prénom" is the family name, unless the given name stands in it as well.
  const givenAt = meant.findIndex(([role]) => role === 'given');
  meant.forEach((roles, i) => {
    if (roles.length === 0) return;
    const isFamily =
      roles.includes('family') && hasGiven && !hasFamily && !contains(columns[i]!, columns[givenAt] ?? []);
    give(i, isFamily ? 'family' : roles[0]!);
    // A name to be called by, beside the given name.
    if (roles.includes('pet')) give(i, 'pet');
  });
}

/** Whether most cells hold what stands in the other column of the same row. */
function contains(cells: readonly string[], parts: readonly string[]): boolean {
  const both = cells
    .map((cell, i) => [cell, parts[i] ?? ''] as const)
    .filter(([cell, part]) => cell !== '' && part !== '');
  return both.filter(([cell, part]) => cell.includes(part)).length * 2 > both.length;
}

/** Four in five read as a date. Bare figures count only as years that somebody may remember. */
function isDates(cells: readonly string[], hasHeader: boolean): boolean {
  if (cells.length === 0) return false;
  const numDates = cells.filter((cell) => {
    if (/^\d+$/.test(cell)) return /^(1[89]|20)\d\d$/.test(cell) && (hasHeader || cells.length > 1);
    const read = readDate(cell, { order: null, pivot: 35 });
    return read.ok
      ? read.value.kind !== 'year'
      : read.problem.kind === 'ambiguous' || read.problem.kind === 'impossible';
  }).length;
  return numDates >= cells.length * 0.8;
}

function isQuantities(cells: readonly string[], numRows: number): boolean {
  return cells.length === numRows && numRows > 0 && cells.every((cell) => /^\d{1,4}$/.test(cell));
}

const SIZE =
  /^(\d?x{0,3}[sl]|m|xs|one size|os|\d{1,2}\s?[-–\/]\s?\d{1,2}(\s?(y|yrs|years|m|months|jahre|ans|años|anni|jaar|lat))?|(50|56|62|68|74|80|86|92|98|104|110|116|122|128|134|140|146|152|158|164|170|176)|small|medium|large|infant|toddler|youth|adult.*)$/i;

function isSizes(cells: readonly string[]): boolean {
  return cells.length > 1 && cells.every((cell) => SIZE.test(cell));
}

/** `Member no`, `Order number`, `ID`, `e-mail`. */
const KEY_HEADER =
  /(^|[ -])(id|key|no|nr|num|number|nummer|numéro|número|ref|reference|code|uid)\.?$|^e-?mail( address)?$/;

/** A column whose header says that it tells people apart, and that does: every cell filled, none twice. */
function keyColumn(
  headers: readonly string[],
  columns: readonly (readonly string[])[],
  hasHeader: boolean,
): number | null {
  if (!hasHeader) return null;
  const at = headers.findIndex((header, i) => {
    const cells = columns[i] ?? [];
    return KEY_HEADER.test(plainHeader(header)) && cells.length > 1 && new Set(cells).size === cells.length;
  });
  return at < 0 ? null : at;
}

/** Names that mean something to the program itself. */
const RESERVED = new Set<string>([...COLUMN_ROLES, '__proto__', 'constructor', 'number']);

function uniqueNames(heads: readonly string[]): string[] {
  const taken = new Set<string>();
  return heads.map((head, i) => {
    const wanted = head
      .normalize('NFC')
      .replace(/[{}|]/g, ' ')
      .replace(/\s+/gu, ' ')
      .trim()
      .slice(0, MOST_NAME_LENGTH - 4);
    const base = wanted === '' || wanted === '__proto__' ? `column ${i + 1}` : wanted;
    let name = base;
    for (let k = 2; taken.has(name); k++) name = `${base} ${k}`;
    taken.add(name);
    return name;
  });
}

/** The name under which an own column stands in an entry: its header, out of the way of what means something else. */
export function fieldNameOf({ role, name }: ColumnUse): string {
  if (role !== 'own') return role;
  return RESERVED.has(name) ? `${name} (list)` : name;
}
