import { rolesOfHeader } from './column-roles';
import type { Table } from './read-delimited';

/** A header further down than that is a second table. */
const MOST_TITLES = 5;
const LEAST_HEADERS = 2;

export interface Untitled {
  readonly table: Table;
  /** Rows above the header that were left out, as numbered in what was sent. */
  readonly titleRowNos: readonly number[];
}

/**
 * A table without the title that many sheets have above their header: rows that say one thing (once, or in every cell of a
 * merged range) before a row with at least two words that head columns.
 */
export function withoutTitle(table: Table): Untitled {
  const at = table.rows.slice(0, MOST_TITLES + 1).findIndex((row) => {
    return row.filter((cell) => rolesOfHeader(cell).length > 0).length >= LEAST_HEADERS;
  });
  const titles = table.rows.slice(0, Math.max(0, at));
  const isTitle = titles.every((row) => new Set(row.map((cell) => cell.trim()).filter(Boolean)).size <= 1);
  if (titles.length === 0 || !isTitle) return { table, titleRowNos: [] };
  return {
    table: { rows: table.rows.slice(at), rowNos: table.rowNos.slice(at) },
    titleRowNos: table.rowNos.slice(0, at),
  };
}
