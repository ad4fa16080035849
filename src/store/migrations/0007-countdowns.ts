import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE countdown (
    run_id TEXT NOT NULL REFERENCES run (id),
    id TEXT NOT NULL,
    ends_at TEXT NOT NULL,
    countdown_json TEXT NOT NULL,
    is_ended INTEGER NOT NULL,
    PRIMARY KEY (run_id, id)
  ) STRICT`.execute(db);
}
