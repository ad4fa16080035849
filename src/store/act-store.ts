import { type Act, type NewAct, actSchema } from '@/core/ledger';
import type { Connection } from './database';

function actOfJson(json: string): Act {
  return actSchema.parse(JSON.parse(json));
}

/** The whole ledger of a run, oldest first. */
export async function listActs(db: Connection, runId: string): Promise<Act[]> {
  const rows = await db.selectFrom('act').select('act_json').where('run_id', '=', runId).orderBy('seq').execute();
  return rows.map(({ act_json }) => actOfJson(act_json));
}

export async function findAct(db: Connection, runId: string, actId: string): Promise<Act | null> {
  const row = await db
    .selectFrom('act')
    .select('act_json')
    .where('run_id', '=', runId)
    .where('id', '=', actId)
    .executeTakeFirst();
  return row ? actOfJson(row.act_json) : null;
}

/** Adds an act at the ledger's end, inside a transaction of the caller's; throws when its id is already there. */
export async function appendAct(db: Connection, runId: string, act: NewAct, receivedAt: string): Promise<Act> {
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
