import { type Kysely, sql } from 'kysely';

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`CREATE TABLE taken_file (
    run_id TEXT NOT NULL REFERENCES run (id),
    pass_no INTEGER NOT NULL,
    taken_at TEXT NOT NULL,
    PRIMARY KEY (run_id, pass_no)
  ) STRICT`.execute(db);
  // Whether the files of earlier passes were taken was not kept: they may have been.
  await sql`INSERT INTO taken_file (run_id, pass_no, taken_at)
    SELECT made_pass.run_id, made_pass.no, run.updated_at FROM made_pass JOIN run ON run.id = made_pass.run_id`.execute(
    db,
  );
}
