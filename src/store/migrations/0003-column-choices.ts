import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE column_choice (
    header_key TEXT PRIMARY KEY,
    choice_json TEXT NOT NULL,
    chosen_at TEXT NOT NULL
  ) STRICT`.execute(db);
}
