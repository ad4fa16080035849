import { z } from 'zod';
import {
  type Encoding,
  type ListLine,
  type Mapping,
  type ColumnChoice,
  COLUMN_ROLES,
  guessMapping,
  headerKey,
  mapTable,
  rereadLine,
  tableOf,
  withChoice,
} from '@/core/intake';
import { type Outcome, fail, ok } from '@/core/outcome';
import { countProblem, readPasted } from '@/core/roster';
import { findColumnChoice, keepColumnChoice } from '@/store';
import type { Context } from './context';
import { listIssue } from './input-issues';
import type { ListSheet } from './list-file/list-file';
import type { ServiceProblem } from './problem';

/** A sheet with what its columns are taken for: as they were the last time under these headers, else as guessed. */
export interface MappedSheet extends ListSheet {
  readonly mapping: Mapping;
  readonly isRemembered: boolean;
}

export type ReadListAnswer =
  | {
      readonly kind: 'list';
      readonly format: 'text' | 'spreadsheet' | 'cards';
      readonly sheets: readonly MappedSheet[];
    }
  | { readonly kind: 'bundle' };

/** Reads a file as a list. Nothing is kept of it. */
export async function readList(
  context: Context,
  bytes: Uint8Array,
  fileName: string,
  encoding: Encoding | null = null,
): Promise<Outcome<ReadListAnswer, ServiceProblem>> {
  const file = await context.compute.readList(bytes, fileName, encoding);
  if (!file.ok) return fail({ kind: 'unreadableFile', fileName, file: file.problem });
  if (file.value.kind === 'bundle') return ok(file.value);
  const sheets: MappedSheet[] = [];
  for (const sheet of file.value.sheets) sheets.push({ ...sheet, ...(await mappingOf(context, sheet.table)) });
  return ok({ ...file.value, sheets });
}

/** Headers that only a person knew for such are found again too: the first row is looked up whatever it was guessed to be. */
async function mappingOf(context: Context, table: ListSheet['table']) {
  const headed = guessMapping(table, true);
  const choice = await columnsKnown(context, headerKey(table, headed));
  return choice
    ? { mapping: withChoice(headed, choice), isRemembered: true }
    : { mapping: guessMapping(table), isRemembered: false };
}

/** What the columns under some headers were taken for the last time; null when they are new. */
export function columnsKnown({ store: { db } }: Context, key: string): Promise<ColumnChoice | null> {
  return key === '' ? Promise.resolve(null) : findColumnChoice(db, key);
}

/** A table with what its columns are taken for, as it comes back from a person who looked at it. */
export const mappedTableSchema = z.object({
  rows: z.array(z.array(z.string()).max(256)).max(20_001),
  mapping: z.object({
    hasHeader: z.boolean(),
    columns: z.array(z.object({ role: z.enum(COLUMN_ROLES), name: z.string().min(1).max(60) })).max(256),
    keyAt: z.number().int().min(0).max(255).nullable(),
  }),
});

export type MappedTableInput = z.infer<typeof mappedTableSchema>;

/** A list as text, or as a table that somebody mapped. */
export type ListInput =
  { readonly list: string; readonly reading?: 'detect' | 'lines' | undefined } | { readonly table: MappedTableInput };

export interface TakenList {
  readonly lines: readonly ListLine[];
  readonly keyColumn: string | null;
  /** An earlier line read the same way. */
  readonly reread: (raw: string) => ListLine | null;
}

/** The lines of a list. What a mapping says of headers is remembered for the next list that has the same. */
export async function takeList(context: Context, input: ListInput): Promise<Outcome<TakenList, ServiceProblem>> {
  if (!('table' in input)) {
    const pasted = readPasted(input.list, input.reading);
    const mapped = pasted.kind === 'lines' ? { ...pasted, keyColumn: null } : mapTable(pasted.table, pasted.guess);
    const tooMany = countProblem(mapped.lines.length);
    if (tooMany) return fail({ kind: 'invalidInput', issues: [listIssue(tooMany)] });
    const guess = pasted.kind === 'lines' ? null : pasted.guess;
    return ok({ lines: mapped.lines, keyColumn: mapped.keyColumn, reread: (raw) => rereadLine(raw, guess) });
  }
  const { rows, mapping } = input.table;
  const table = tableOf(rows);
  const { lines, keyColumn } = mapTable(table, mapping);
  const problem = countProblem(lines.length);
  if (problem) return fail({ kind: 'invalidInput', issues: [listIssue(problem)] });
  await rememberColumns(context, headerKey(table, mapping), mapping);
  return ok({ lines, keyColumn, reread: (raw) => rereadLine(raw, mapping) });
}

/** Keeps a choice under its headers; tables without headers have nothing to be known by. */
export async function rememberColumns(context: Context, key: string, { columns, keyAt }: Mapping): Promise<void> {
  if (key === '') return;
  const choice = { roles: columns.map(({ role }) => role), keyAt };
  await keepColumnChoice(context.store.db, key, choice, context.nowIso());
}
