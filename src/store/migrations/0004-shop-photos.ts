import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE shop (
    kind TEXT NOT NULL,
    id TEXT NOT NULL,
    rev INTEGER NOT NULL,
    value_json TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    removed_at TEXT,
    PRIMARY KEY (kind, id)
  ) STRICT`.execute(db);
  await sql`CREATE TABLE attachment (
    sha TEXT PRIMARY KEY,
    bytes BLOB NOT NULL,
    kept_at TEXT NOT NULL
  ) STRICT`.execute(db);
}
