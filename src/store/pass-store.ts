import { type MadePass, madePassSchema, upgradePass } from '@/core/freeze';
import type { Connection } from './database';
import { readOrTell } from './faults';
import { cachesOf } from './recent-cache';

const madePasses = cachesOf<readonly MadePass[]>();

/**
 * Made passes of a run in the order of their numbers. A made pass never changes: as long as none is added, the answer is
 * the very same array.
 */
export async function listPasses(db: Connection, runId: string): Promise<readonly MadePass[]> {
  const cache = madePasses(db);
  const known = cache.get(runId);
  const rows = await db
    .selectFrom('made_pass')
    .select(['id', 'no'])
    .where('run_id', '=', runId)
    .orderBy('no')
    .execute();
  const isSame =
    rows.length === known?.length && rows.every(({ id, no }, i) => known[i]?.id === id && known[i]?.no === no);
  if (known && isSame) return known;
  // Mostly one has come to those that are known: taking a made pass apart costs more than a mark may take.
  const kept = new Map(known?.map((pass) => [pass.id, pass]));
  const passes: MadePass[] = [];
  for (const { id } of rows) passes.push(kept.get(id) ?? (await readPass(db, runId, id)));
  cache.set(runId, passes);
  return passes;
}

async function readPass(db: Connection, runId: string, id: string): Promise<MadePass> {
  const { pass_json } = await db
    .selectFrom('made_pass')
    .select('pass_json')
    .where('run_id', '=', runId)
    .where('id', '=', id)
    .executeTakeFirstOrThrow();
  return readOrTell(runId, (): MadePass => madePassSchema.parse(upgradePass(JSON.parse(pass_json))));
}

/** Throws when the number or the id is taken: callers choose both inside the same transaction. */
export async function insertPass(db: Connection, runId: string, pass: MadePass): Promise<void> {
  await db
    .insertInto('made_pass')
    .values({ run_id: runId, id: pass.id, no: pass.no, pass_json: JSON.stringify(pass) })
    .execute();
  // Known from here on, if it is not rolled back: what is remembered is held against the rows each time.
  const cache = madePasses(db);
  const known = cache.get(runId);
  if (known && (known.at(-1)?.no ?? 0) < pass.no) cache.set(runId, [...known, pass]);
}
