import { type MadePass, madePassSchema } from '@/core/sheets';
import type { Connection } from './database';

/** Made passes of a run in the order of their numbers. */
export async function listPasses(db: Connection, runId: string): Promise<MadePass[]> {
  const rows = await db.selectFrom('made_pass').select('pass_json').where('run_id', '=', runId).orderBy('no').execute();
  return rows.map(({ pass_json }) => madePassSchema.parse(JSON.parse(pass_json)));
}

/** Throws when the number or the id is taken: callers choose both inside the same transaction. */
export async function insertPass(db: Connection, runId: string, pass: MadePass): Promise<void> {
  await db
    .insertInto('made_pass')
    .values({ run_id: runId, id: pass.id, no: pass.no, pass_json: JSON.stringify(pass) })
    .execute();
}
