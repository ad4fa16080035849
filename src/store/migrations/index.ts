import type { Kysely, Migration } from 'kysely';
import { up as runsPassesActs } from './0001-runs-passes-acts';
import { up as archivedRuns } from './0002-archived-runs';
import { up as columnChoices } from './0003-column-choices';
import { up as shopPhotos } from './0004-shop-photos';
import { up as releases } from './0005-releases';
import { up as takenFiles } from './0006-taken-files';
import { up as countdowns } from './0007-countdowns';
import { up as writeCounts } from './0008-write-counts';

/** Gives each migration a transaction of its own: for SQLite the query builder opens none. */
function inOwnTransaction(up: (db: Kysely<unknown>) => Promise<void>): Migration {
  return { up: (db: Kysely<unknown>) => db.transaction().execute(up) };
}

/** Every migration in order. Listed here by hand; once landed, neither changed nor taken out. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001-runs-passes-acts': inOwnTransaction(runsPassesActs),
  '0002-archived-runs': inOwnTransaction(archivedRuns),
  '0003-column-choices': inOwnTransaction(columnChoices),
  '0004-shop-photos': inOwnTransaction(shopPhotos),
  '0005-releases': inOwnTransaction(releases),
  '0006-taken-files': inOwnTransaction(takenFiles),
  '0007-countdowns': inOwnTransaction(countdowns),
  '0008-write-counts': inOwnTransaction(writeCounts),
};
