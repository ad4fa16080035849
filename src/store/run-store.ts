import { type RunSpec, SPEC_VERSION, runSpecSchema, upgradeSpec } from '@/core/spec';
import type { Connection } from './database';
import { type StoreFault, UnreadableError, faultOf } from './faults';
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
  | {
      readonly kind: 'unreadable';
      readonly id: string;
      readonly title: string;
      /** Null when not even that can be read. */
      readonly createdAt: string | null;
      readonly fault: StoreFault;
    };

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
    spec = specOfJson(row.id, spec_json);
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

function specOfJson(runId: string, json: string): RunSpec {
  try {
    return runSpecSchema.parse(upgradeSpec(JSON.parse(json))) as RunSpec;
  } catch {
    throw new UnreadableError(unreadableFault(runId, json));
  }
}

/** As much as can be found in a spec that cannot be read. */
function unreadableFault(runId: string, json: string): StoreFault {
  try {
    const { title, formatVersion } = JSON.parse(json) as { title?: unknown; formatVersion?: unknown };
    const isNewer = typeof formatVersion === 'number' && formatVersion > SPEC_VERSION;
    return { kind: isNewer ? 'newerRun' : 'unreadableRun', runId, title: typeof title === 'string' ? title : '' };
  } catch {
    return { kind: 'unreadableRun', runId, title: '' };
  }
}

/** How far a run has come, without reading it: what is known of it at this mark is still so. */
export interface RunMark {
  readonly id: string;
  readonly mark: string;
}

/**
 * Runs that were not removed, each with its mark, from indexes and the heads of rows. Null where a page of those is damaged: then each has to
 * be asked for by itself.
 */
export async function listRunMarks(db: Connection): Promise<readonly RunMark[] | null> {
  try {
    const rows = await db
      .selectFrom('run')
      .select(['run.id', 'counter', 'archived_at'])
      .select((select) =>
        select
          .selectFrom('act')
          .select((act) => act.fn.max('seq').as('last'))
          .whereRef('run_id', '=', 'run.id')
          .as('last'),
      )
      .where('removed_at', 'is', null)
      .execute();
    return rows.map(({ id, counter, archived_at, last }) => ({
      id,
      mark: `${counter} ${last ?? 0} ${archived_at ?? ''}`,
    }));
  } catch (error) {
    if (faultOf(error) === null) throw error;
    return null;
  }
}

/** Ids of all runs, removed ones too, from the index of ids, which lies on pages of its own. */
export async function listRunIds(db: Connection): Promise<readonly string[]> {
  const rows = await db.selectFrom('run').select('id').orderBy('id').execute();
  return rows.map(({ id }) => id);
}

/** Newest first; those of which not even the date can be read come last. */
export function byAge(
  a: { readonly id: string; readonly createdAt: string | null },
  b: { readonly id: string; readonly createdAt: string | null },
): number {
  return (b.createdAt ?? '').localeCompare(a.createdAt ?? '') || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}

/** Newest first. Removed runs are not among them. Each run is read by itself: a bad page of one hides no other. */
export async function listRuns(db: Connection): Promise<RunListing[]> {
  const listings: RunListing[] = [];
  for (const id of await listRunIds(db)) {
    const listing = await findListing(db, id);
    if (listing) listings.push(listing);
  }
  return listings.sort(byAge);
}

/** A run as it is listed; null when it was removed. */
export async function findListing(db: Connection, id: string): Promise<RunListing | null> {
  let createdAt: string | null = null;
  try {
    const row = await db
      .selectFrom('run')
      .select(COLUMNS)
      .where('id', '=', id)
      .where('removed_at', 'is', null)
      .executeTakeFirst();
    if (!row) return null;
    createdAt = row.created_at;
    return { kind: 'readable', ...(await headOfRow(db, row)) };
  } catch (error) {
    const fault = faultOf(error);
    if (fault === null) throw error;
    const title = 'title' in fault ? fault.title : '';
    return { kind: 'unreadable', id, title, createdAt, fault };
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
