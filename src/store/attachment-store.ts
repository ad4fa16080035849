import type { Connection } from './database';

/** Keeps bytes by their hash; those already kept stay as they are. */
export async function putAttachment(db: Connection, sha: string, bytes: Uint8Array, nowIso: string): Promise<void> {
  await db
    .insertInto('attachment')
    .values({ sha, bytes, kept_at: nowIso })
    .onConflict((conflict) => conflict.column('sha').doNothing())
    .execute();
}

/** Null when none of that hash is kept. */
export async function findAttachment(db: Connection, sha: string): Promise<Uint8Array | null> {
  const row = await db.selectFrom('attachment').select('bytes').where('sha', '=', sha).executeTakeFirst();
  return row ? new Uint8Array(row.bytes) : null;
}
