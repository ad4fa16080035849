import type { Connection } from './database';

/** Writes one row, durably, and reads it back; throws when the disk or the database will not have it. */
export async function proveWritable(db: Connection, nowIso: string): Promise<void> {
  await db
    .insertInto('write_test')
    .values({ id: 1, at: nowIso })
    .onConflict((conflict) => conflict.column('id').doUpdateSet({ at: nowIso }))
    .execute();
  const row = await db.selectFrom('write_test').select('at').where('id', '=', 1).executeTakeFirstOrThrow();
  if (row.at !== nowIso) throw new Error(`the write test wrote ${nowIso} and read ${row.at}`);
}
