import { z } from 'zod';
import { COLUMN_ROLES, type ColumnChoice } from '@/core/intake';
import type { Connection } from './database';

const choiceSchema = z.object({
  roles: z.array(z.enum(COLUMN_ROLES)).max(256),
  keyAt: z.number().int().min(0).nullable(),
});

/** The choice that was made last for tables with these headers; null when there was none, or none that can be read. */
export async function findColumnChoice(db: Connection, headerKey: string): Promise<ColumnChoice | null> {
  const row = await db
    .selectFrom('column_choice')
    .select('choice_json')
    .where('header_key', '=', headerKey)
    .executeTakeFirst();
  const parsed = row ? choiceSchema.safeParse(JSON.parse(row.choice_json)) : null;
  return parsed?.success ? parsed.data : null;
}

export async function keepColumnChoice(
  db: Connection,
  headerKey: string,
  choice: ColumnChoice,
  nowIso: string,
): Promise<void> {
  const values = { choice_json: JSON.stringify(choice), chosen_at: nowIso };
  await db
    .insertInto('column_choice')
    .values({ header_key: headerKey, ...values })
    .onConflict((conflict) => conflict.column('header_key').doUpdateSet(values))
    .execute();
}
