import { type Release, releaseSchema, upgradeRelease } from '@/core/freeze';
import type { Connection } from './database';
import { readOrTell } from './faults';
import { cachesOf } from './recent-cache';

const releases = cachesOf<readonly Release[]>();

/** Releases of a run in the order of their numbers. One never changes: as long as none is added, the very same array. */
export async function listReleases(db: Connection, runId: string): Promise<readonly Release[]> {
  const cache = releases(db);
  const known = cache.get(runId);
  const rows = await db.selectFrom('release').select(['id', 'no']).where('run_id', '=', runId).orderBy('no').execute();
  const isSame =
    rows.length === known?.length && rows.every(({ id, no }, i) => known[i]?.id === id && known[i]?.no === no);
  if (known && isSame) return known;
  const all = await db.selectFrom('release').select('release_json').where('run_id', '=', runId).orderBy('no').execute();
  const read = readOrTell(runId, () =>
    all.map(({ release_json }): Release => releaseSchema.parse(upgradeRelease(JSON.parse(release_json)))),
  );
  cache.set(runId, read);
  return read;
}

/** Throws when the number or the id is taken: callers choose both inside the same transaction. */
export async function insertRelease(db: Connection, runId: string, release: Release): Promise<void> {
  await db
    .insertInto('release')
    .values({ run_id: runId, id: release.id, no: release.no, release_json: JSON.stringify(release) })
    .execute();
}
