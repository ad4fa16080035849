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
  const all = await db.selectFrom('made_pass').select('pass_json').where('run_id', '=', runId).orderBy('no').execute();
  const passes = readOrTell(runId, () =>
    all.map(({ pass_json }): MadePass => madePassSchema.parse(upgradePass(JSON.parse(pass_json)))),
  );
  cache.set(runId, passes);
  return passes;
}

/** Throws when the number or the id is taken: callers choose both inside the same transaction. */
export async function insertPass(db: Connection, runId: string, pass: MadePass): Promise<void> {
  await db
    .insertInto('made_pass')
    .values({ run_id: runId, id: pass.id, no: pass.no, pass_json: JSON.stringify(pass) })
    .execute();
}
