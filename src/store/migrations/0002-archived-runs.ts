import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`ALTER TABLE run ADD COLUMN archived_at TEXT`.execute(db);
}
