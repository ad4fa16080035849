import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import type { Connection } from './database';
import { DATABASE_FILE } from './files';

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

/** Reads attachments from a data folder by a connection of its own, which may only read: for threads beside the server's. */
export function attachmentReader(dataDir: string): (sha: string) => Uint8Array | null {
  return (sha) => {
    const sqlite = new SqliteDatabase(path.join(dataDir, DATABASE_FILE), { readonly: true, fileMustExist: true });
    try {
      const bytes = sqlite.prepare('SELECT bytes FROM attachment WHERE sha = ?').pluck().get(sha) as Buffer | undefined;
      return bytes === undefined ? null : new Uint8Array(bytes);
    } finally {
      sqlite.close();
    }
  };
}
