import { type Act, type NewAct, actSchema } from '@/core/ledger';
import type { Connection } from './database';
import { readOrTell } from './faults';
import { type RecentCache, cachesOf } from './recent-cache';

function actOfJson(json: string): Act {
  return actSchema.parse(JSON.parse(json));
}

const ledgers = cachesOf<readonly Act[]>();

/** The whole ledger of a run, oldest first. As long as nothing is added, it is the very same array. */
export async function listActs(db: Connection, runId: string): Promise<readonly Act[]> {
  const cache = ledgers(db);
  const known = (await isStillPresent(db, runId, cache)) ? (cache.get(runId) ?? []) : [];
  const rows = await db
    .selectFrom('act')
    .select('act_json')
    .where('run_id', '=', runId)
    .where('seq', '>', known.at(-1)?.seq ?? 0)
    .orderBy('seq')
    .execute();
  const acts =
    rows.length === 0 ? known : [...known, ...readOrTell(runId, () => rows.map(({ act_json }) => actOfJson(act_json)))];
  cache.set(runId, acts);
  return acts;
}

/** The ledger only grows, but an act that was read inside a transaction may have been rolled back with it. */
async function isStillPresent(db: Connection, runId: string, cache: RecentCache<readonly Act[]>): Promise<boolean> {
  const last = cache.get(runId)?.at(-1);
  if (!last) return true;
  const row = await db
    .selectFrom('act')
    .select('id')
    .where('run_id', '=', runId)
    .where('seq', '=', last.seq)
    .executeTakeFirst();
  return row?.id === last.id;
}

export async function findAct(db: Connection, runId: string, actId: string): Promise<Act | null> {
  const row = await db
    .selectFrom('act')
    .select('act_json')
    .where('run_id', '=', runId)
    .where('id', '=', actId)
    .executeTakeFirst();
  return row ? readOrTell(runId, () => actOfJson(row.act_json)) : null;
}

/** Adds an act at the ledger's end, inside a transaction of the caller's; throws when its id is already there. */
export async function appendAct(
  db: Connection,
  runId: string,
  act: NewAct & Pick<Act, 'unmade'>,
  receivedAt: string,
): Promise<Act> {
  const { last } = await db
    .selectFrom('act')
    .select((select) => select.fn.max('seq').as('last'))
    .where('run_id', '=', runId)
    .executeTakeFirstOrThrow();
  const recorded: Act = { ...act, seq: (last ?? 0) + 1, receivedAt };
  await insertActs(db, runId, [recorded]);
  return recorded;
}

/** Takes over acts with the numbers they have: for a ledger that comes in a bundle. */
export async function insertActs(db: Connection, runId: string, acts: readonly Act[]): Promise<void> {
  for (const act of acts) {
    await db
      .insertInto('act')
      .values({ run_id: runId, seq: act.seq, id: act.id, act_json: JSON.stringify(act) })
      .execute();
  }
}
