import readPackage from 'read-excel-file/universal';
import { tableOf } from '@/core/intake';
import { type Outcome, fail, ok } from '@/core/outcome';
import { numberText } from './cell-text';
import { type PackageFacts, type SheetFacts, cellAt, inspectPackage, messageOf } from './inspect-package';
import type { FileNote, FileProblem, ListSheet } from './list-file';
import { mendPackage } from './mend-package';
import { readOpenDocument } from './read-open-document';

type Cell = string | number | boolean | Date | null | undefined;

/** The sheets of a spreadsheet (XLSX, ODS) as tables of text: values of formulas, days as ISO dates, merged cells filled. */
export async function readSpreadsheet(bytes: Uint8Array): Promise<Outcome<readonly ListSheet[], FileProblem>> {
  const facts = inspectPackage(bytes);
  if (!facts.ok) return facts;
  if (facts.value.paths.includes('content.xml')) return readOpenDocument(bytes, facts.value.paths);
  if (!facts.value.paths.includes('xl/workbook.xml')) return fail({ kind: 'otherFile', what: 'archive' });
  try {
    const copy = new Uint8Array(mendPackage(bytes)).buffer;
    const sheets = await readPackage(copy, { trim: false });
    const notes = packageNotes(facts.value);
    return ok(
      sheets
        .map(({ sheet, data }, i) => sheetOf(sheet, data as Cell[][], notes, facts.value.sheets[i]))
        .filter(({ table }) => table.rows.length > 0),
    );
  } catch (error) {
    return fail(brokenAt(messageOf(error)));
  }
}

/** The reader names the cell in its message. */
function brokenAt(message: string): FileProblem {
  const [, row, column] = /row (\d+),? col (\d+)/.exec(message) ?? [];
  return {
    kind: 'brokenFile',
    row: row === undefined ? null : Number(row),
    column: column === undefined ? null : Number(column),
    detail: message,
  };
}

function packageNotes({ paths }: PackageFacts): FileNote[] {
  return [
    ...(paths.some((path) => /vbaProject\.bin$|macrosheets\//i.test(path)) ? [{ kind: 'macros' } as const] : []),
    ...(paths.some((path) => /externalLinks\//i.test(path)) ? [{ kind: 'externalLinks' } as const] : []),
  ];
}

function sheetOf(
  name: string,
  data: readonly (readonly Cell[])[],
  shared: readonly FileNote[],
  facts: SheetFacts | undefined,
): ListSheet {
  const rows = data.map((row) => row.map(textOf));
  const ranges = fillMerged(rows, facts?.merged ?? []);
  const notes: FileNote[] = [
    ...shared,
    ...(facts && facts.numFormulas > 0 ? [{ kind: 'formulas', count: facts.numFormulas } as const] : []),
    ...(ranges.length > 0 ? [{ kind: 'merged', ranges } as const] : []),
    ...(facts && facts.errors.length > 0 ? [{ kind: 'cellErrors', cells: facts.errors } as const] : []),
  ];
  return { name, table: tableOf(rows), notes };
}

/** Cells with errors come as empty ones. */
function textOf(cell: Cell): string {
  if (cell === null || cell === undefined) return '';
  if (cell instanceof Date) return dayOf(cell);
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  if (typeof cell === 'number') return numberText(cell);
  return cell;
}

const DAY_MS = 86_400_000;
/** The day before which days are counted one too low: 29 February 1900 is among them, though there was none. */
const LEAP_MS = Date.UTC(1900, 1, 28);
const FIRST_MS = Date.UTC(1899, 11, 31);

/** Days are kept without a zone, so they are read in the one in which they were stored. */
function dayOf(counted: Date): string {
  const ms = counted.valueOf();
  if (Number.isNaN(ms)) return '';
  // The day that there never was is shown by the sheet, and asked about in the list.
  if (ms >= LEAP_MS && ms < LEAP_MS + DAY_MS) return '1900-02-29';
  const date = ms >= FIRST_MS && ms < LEAP_MS ? new Date(ms + DAY_MS) : counted;
  const iso = date.toISOString();
  return iso.endsWith('T00:00:00.000Z') ? iso.slice(0, 10) : iso.slice(0, 16).replace('T', ' ');
}

const MOST_FILLED = 100_000;

/** What stands in the first cell of a merged range counts for the whole of it, as it looks. Answers the ranges filled. */
function fillMerged(rows: string[][], merged: readonly string[]): string[] {
  let filled = 0;
  return merged.filter((range) => {
    const [from = '', to = from] = range.split(':');
    const [start, end] = [cellAt(from), cellAt(to)];
    const value = rows[start.row - 1]?.[start.column - 1] ?? '';
    if (value === '') return false;
    for (let r = start.row; r <= Math.min(end.row, rows.length); r++) {
      const row = rows[r - 1]!;
      for (let c = start.column; c <= Math.min(end.column, row.length); c++) {
        if (filled++ > MOST_FILLED) return true;
        row[c - 1] = value;
      }
    }
    return true;
  });
}
