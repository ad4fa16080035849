import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE release (
    run_id TEXT NOT NULL REFERENCES run (id),
    id TEXT NOT NULL,
    no INTEGER NOT NULL,
    release_json TEXT NOT NULL,
    PRIMARY KEY (run_id, id),
    UNIQUE (run_id, no)
  ) STRICT`.execute(db);
}
