import type { Connection } from './database';

/** Keeps outlines by hash; those already kept stay as they are. Outlines are shared by all runs. */
export async function putOutlines(db: Connection, outlines: Readonly<Record<string, string>>): Promise<void> {
  for (const [sha, body] of Object.entries(outlines)) {
    await db
      .insertInto('outline')
      .values({ sha, body })
      .onConflict((conflict) => conflict.column('sha').doNothing())
      .execute();
  }
}

/** Text of an outline; null when none of that hash is kept. */
export async function findOutline(db: Connection, sha: string): Promise<string | null> {
  const row = await db.selectFrom('outline').select('body').where('sha', '=', sha).executeTakeFirst();
  return row?.body ?? null;
}
