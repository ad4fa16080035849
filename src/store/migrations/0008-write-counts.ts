import { type Kysely, sql } from 'kysely';

/** What counts as a save, beside acts: whatever somebody entered or made. */
const SAVES = [
  ['run', 'INSERT'],
  ['run', 'UPDATE'],
  ['made_pass', 'INSERT'],
  ['release', 'INSERT'],
  ['shop', 'INSERT'],
  ['shop', 'UPDATE'],
  ['countdown', 'INSERT'],
  ['countdown', 'UPDATE'],
  ['attachment', 'INSERT'],
  ['taken_file', 'INSERT'],
] as const;

/** Counted by triggers, so that no way of writing is left out. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE write_count (
    id INTEGER PRIMARY KEY CHECK (id = 1),
    acts INTEGER NOT NULL,
    saves INTEGER NOT NULL
  ) STRICT`.execute(db);
  await sql`INSERT INTO write_count (id, acts, saves) VALUES (1, (SELECT count(*) FROM act), 0)`.execute(db);
  await sql`CREATE TRIGGER count_act AFTER INSERT ON act BEGIN
    UPDATE write_count SET acts = acts + 1;
  END`.execute(db);
  for (const [table, deed] of SAVES) {
    await sql`CREATE TRIGGER ${sql.raw(`count_${table}_${deed.toLowerCase()}`)} AFTER ${sql.raw(`${deed} ON ${table}`)} BEGIN
      UPDATE write_count SET saves = saves + 1;
    END`.execute(db);
  }
}
