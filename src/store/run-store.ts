import { type RunSpec, runSpecSchema, upgradeSpec } from '@/core/spec';
import type { Connection } from './database';
import { cachesOf } from './recent-cache';

export interface StoredRun {
  readonly id: string;
  readonly counter: number;
  readonly spec: RunSpec;
}

export interface RunHead extends StoredRun {
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly archivedAt: string | null;
}

/** A run in the list of all: one whose spec cannot be read (a damaged file, a newer format) does not hide the others. */
export type RunListing =
  | ({ readonly kind: 'readable' } & RunHead)
  | { readonly kind: 'unreadable'; readonly id: string; readonly title: string; readonly createdAt: string };

const COLUMNS = ['id', 'counter', 'created_at', 'updated_at', 'archived_at'] as const;

interface RunRow {
  readonly id: string;
  readonly counter: number;
  readonly created_at: string;
  readonly updated_at: string;
  readonly archived_at: string | null;
}

/** Parsing twenty thousand entries costs more than a mark may take; a saved spec never changes under its counter. */
const parsedSpecs = cachesOf<{ readonly counter: number; readonly spec: RunSpec }>();

async function headOfRow(db: Connection, row: RunRow): Promise<RunHead> {
  const cache = parsedSpecs(db);
  const known = cache.get(row.id);
  let spec = known?.counter === row.counter ? known.spec : null;
  if (!spec) {
    const { spec_json } = await db
      .selectFrom('run')
      .select('spec_json')
      .where('id', '=', row.id)
      .executeTakeFirstOrThrow();
    spec = runSpecSchema.parse(upgradeSpec(JSON.parse(spec_json))) as RunSpec;
    cache.set(row.id, { counter: row.counter, spec });
  }
  return {
    id: row.id,
    counter: row.counter,
    spec,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    archivedAt: row.archived_at,
  };
}

/** Newest first. Removed runs are not among them. */
export async function listRuns(db: Connection): Promise<RunListing[]> {
  const rows = await db
    .selectFrom('run')
    .select(COLUMNS)
    .where('removed_at', 'is', null)
    .orderBy('created_at', 'desc')
    .orderBy('id')
    .execute();
  const listings: RunListing[] = [];
  for (const row of rows) {
    try {
      listings.push({ kind: 'readable', ...(await headOfRow(db, row)) });
    } catch {
      listings.push({ kind: 'unreadable', id: row.id, title: await titleOf(db, row.id), createdAt: row.created_at });
    }
  }
  return listings;
}

/** As much of a title as can be found in a spec that cannot be read; empty when none can. */
async function titleOf(db: Connection, id: string): Promise<string> {
  const row = await db.selectFrom('run').select('spec_json').where('id', '=', id).executeTakeFirst();
  try {
    const { title } = JSON.parse(row?.spec_json ?? '') as { title?: unknown };
    return typeof title === 'string' ? title : '';
  } catch {
    return '';
  }
}

/** Null when there is no such run or it was removed. Throws when its spec cannot be read. */
export async function findRun(db: Connection, id: string): Promise<RunHead | null> {
  const row = await db
    .selectFrom('run')
    .select(COLUMNS)
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return row ? headOfRow(db, row) : null;
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
      archived_at: null,
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

/** Takes a removal back. False when there is no such run at all; one that is there stays as it is. */
export async function restoreRun(db: Connection, id: string): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('run')
    .set({ removed_at: null })
    .where('id', '=', id)
    .executeTakeFirst();
  return numUpdatedRows === 1n;
}

/** `archivedAt` null brings it back among the others. False when there was none. */
export async function setArchived(db: Connection, id: string, archivedAt: string | null): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('run')
    .set({ archived_at: archivedAt })
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return numUpdatedRows === 1n;
}
