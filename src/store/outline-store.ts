import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import type { Connection } from './database';
import { DATABASE_FILE } from './files';

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

/** Texts of outlines by hash, in as few queries as they go into; those that are not kept are left out. */
export async function findOutlines(db: Connection, shas: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  const wanted = [...new Set(shas)];
  for (let at = 0; at < wanted.length; at += MOST_AT_ONCE) {
    const rows = await db
      .selectFrom('outline')
      .select(['sha', 'body'])
      .where('sha', 'in', wanted.slice(at, at + MOST_AT_ONCE))
      .execute();
    for (const { sha, body } of rows) found.set(sha, body);
  }
  return found;
}

/** Values that a query may name. */
const MOST_AT_ONCE = 1000;

/** Reads outlines from a data folder by a connection of its own, which may only read: for threads beside the server's. */
export function outlineReader(dataDir: string): (shas: readonly string[]) => ReadonlyMap<string, string> {
  return (shas) => {
    const sqlite = new SqliteDatabase(path.join(dataDir, DATABASE_FILE), { readonly: true, fileMustExist: true });
    try {
      const body = sqlite.prepare('SELECT body FROM outline WHERE sha = ?').pluck();
      return new Map(
        shas.flatMap((sha) => {
          const text = body.get(sha) as string | undefined;
          return text === undefined ? [] : [[sha, text] as const];
        }),
      );
    } finally {
      sqlite.close();
    }
  };
}

/** Text of an outline; null when none of that hash is kept. */
export async function findOutline(db: Connection, sha: string): Promise<string | null> {
  const row = await db.selectFrom('outline').select('body').where('sha', '=', sha).executeTakeFirst();
  return row?.body ?? null;
}
