import type { Connection } from './database';

/** Keeps that the cut file of a pass was taken: it may be cut from then on. The first time counts. */
export async function noteFileTaken(db: Connection, runId: string, passNo: number, at: string): Promise<void> {
  await db
    .insertInto('taken_file')
    .values({ run_id: runId, pass_no: passNo, taken_at: at })
    .onConflict((conflict) => conflict.doNothing())
    .execute();
}

/** Numbers of the passes whose cut file was taken. */
export async function filesTaken(db: Connection, runId: string): Promise<ReadonlySet<number>> {
  const rows = await db.selectFrom('taken_file').select('pass_no').where('run_id', '=', runId).execute();
  return new Set(rows.map(({ pass_no }) => pass_no));
}
