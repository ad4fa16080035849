import { type Countdown, countdownSchema, endMs } from '@/core/countdown';
import type { Connection } from './database';

const countdownOfJson = (json: string): Countdown => countdownSchema.parse(JSON.parse(json));

/** Those that end after a moment, by their ends; of very many the last. Without those that were ended early where only what runs is asked for. */
export async function listCountdowns(
  db: Connection,
  runId: string,
  {
    endingAfter,
    most,
    isRunning,
  }: { readonly endingAfter: string; readonly most: number; readonly isRunning: boolean },
): Promise<readonly Countdown[]> {
  const rows = await db
    .selectFrom('countdown')
    .select('countdown_json')
    .where('run_id', '=', runId)
    .where('ends_at', '>', endingAfter)
    .$if(isRunning, (query) => query.where('is_ended', '=', 0))
    .orderBy('ends_at', 'desc')
    .limit(most)
    .execute();
  return rows.map(({ countdown_json }) => countdownOfJson(countdown_json)).reverse();
}

export async function findCountdown(db: Connection, runId: string, id: string): Promise<Countdown | null> {
  const row = await db
    .selectFrom('countdown')
    .select('countdown_json')
    .where('run_id', '=', runId)
    .where('id', '=', id)
    .executeTakeFirst();
  return row ? countdownOfJson(row.countdown_json) : null;
}

export async function insertCountdown(db: Connection, runId: string, countdown: Countdown): Promise<void> {
  await db
    .insertInto('countdown')
    .values({
      run_id: runId,
      id: countdown.id,
      ends_at: new Date(endMs(countdown)).toISOString(),
      countdown_json: JSON.stringify(countdown),
      is_ended: 0,
    })
    .execute();
}

/** Keeps that it was ended early. */
export async function updateCountdown(db: Connection, runId: string, countdown: Countdown): Promise<void> {
  await db
    .updateTable('countdown')
    .set({ countdown_json: JSON.stringify(countdown), is_ended: countdown.endedEarly === null ? 0 : 1 })
    .where('run_id', '=', runId)
    .where('id', '=', countdown.id)
    .execute();
}

/** How many were started and how many ended early: goes up with each of both. */
export async function countCountdowns(db: Connection, runId: string): Promise<number> {
  const { started, ended } = await db
    .selectFrom('countdown')
    .select((select) => [
      select.fn.countAll<number>().as('started'),
      select.fn.sum<number | null>('is_ended').as('ended'),
    ])
    .where('run_id', '=', runId)
    .executeTakeFirstOrThrow();
  return started + (ended ?? 0);
}
