import { type RunSpec, runSpecSchema } from '@/core/run';
import type { Connection } from './database';

export interface StoredRun {
  readonly id: string;
  readonly counter: number;
  readonly spec: RunSpec;
}

export interface RunHead extends StoredRun {
  readonly createdAt: string;
  readonly updatedAt: string;
}

const COLUMNS = ['id', 'counter', 'spec_json', 'created_at', 'updated_at'] as const;

interface RunRow {
  readonly id: string;
  readonly counter: number;
  readonly spec_json: string;
  readonly created_at: string;
  readonly updated_at: string;
}

function runOfRow(row: RunRow): RunHead {
  return {
    id: row.id,
    counter: row.counter,
    spec: runSpecSchema.parse(JSON.parse(row.spec_json)),
    createdAt: row.created_at,
    updatedAt: row.updated_at,
  };
}

/** Newest first. Removed runs are not among them. */
export async function listRuns(db: Connection): Promise<RunHead[]> {
  const rows = await db
    .selectFrom('run')
    .select(COLUMNS)
    .where('removed_at', 'is', null)
    .orderBy('created_at', 'desc')
    .orderBy('id')
    .execute();
  return rows.map(runOfRow);
}

/** Null when there is no such run or it was removed. */
export async function findRun(db: Connection, id: string): Promise<RunHead | null> {
  const row = await db
    .selectFrom('run')
    .select(COLUMNS)
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return row ? runOfRow(row) : null;
}

export async function insertRun(db: Connection, id: string, spec: RunSpec, nowIso: string): Promise<StoredRun> {
  await db
    .insertInto('run')
    .values({
      id,
      spec_json: JSON.stringify(spec),
      counter: 1,
      created_at: nowIso,
      updated_at: nowIso,
      removed_at: null,
    })
    .execute();
  return { id, counter: 1, spec };
}

/** Saves the whole spec if the counter is still `counter`; answers the new counter, or null when it was not. */
export async function updateRunSpec(
  db: Connection,
  { id, counter, spec }: StoredRun,
  nowIso: string,
): Promise<number | null> {
  const { numUpdatedRows } = await db
    .updateTable('run')
    .set({ spec_json: JSON.stringify(spec), counter: counter + 1, updated_at: nowIso })
    .where('id', '=', id)
    .where('counter', '=', counter)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return numUpdatedRows === 1n ? counter + 1 : null;
}

/** Marks a run as removed; its passes and acts stay in the database. False when there was none. */
export async function removeRun(db: Connection, id: string, nowIso: string): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('run')
    .set({ removed_at: nowIso })
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return numUpdatedRows === 1n;
}
