import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE run (
    id TEXT PRIMARY KEY,
    spec_json TEXT NOT NULL,
    counter INTEGER NOT NULL,
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    removed_at TEXT
  ) STRICT`.execute(db);
  await sql`CREATE TABLE outline (
    sha TEXT PRIMARY KEY,
    body TEXT NOT NULL
  ) STRICT`.execute(db);
  await sql`CREATE TABLE made_pass (
    run_id TEXT NOT NULL REFERENCES run (id),
    no INTEGER NOT NULL,
    id TEXT NOT NULL,
    pass_json TEXT NOT NULL,
    PRIMARY KEY (run_id, no),
    UNIQUE (run_id, id)
  ) STRICT`.execute(db);
  await sql`CREATE TABLE act (
    run_id TEXT NOT NULL REFERENCES run (id),
    seq INTEGER NOT NULL,
    id TEXT NOT NULL,
    act_json TEXT NOT NULL,
    PRIMARY KEY (run_id, seq),
    UNIQUE (run_id, id)
  ) STRICT`.execute(db);
  await sql`CREATE TABLE write_test (
    id INTEGER PRIMARY KEY CHECK (id = 1),
    at TEXT NOT NULL
  ) STRICT`.execute(db);
}
