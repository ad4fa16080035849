import { type Blank, blankSchema, upgradeBlank } from '@/core/shop';
import type { Connection } from './database';

/** A thing of the shop at one of its states. `value` null: it was removed. */
export interface ShopThing<T> {
  readonly id: string;
  readonly rev: number;
  readonly value: T | null;
}

/** Blanks that somebody changed, made or removed; the starter catalogue is not among them. Throws on a damaged one. */
export async function listShopBlanks(db: Connection): Promise<ShopThing<Blank>[]> {
  const rows = await db
    .selectFrom('shop')
    .select(['id', 'rev', 'value_json', 'removed_at'])
    .where('kind', '=', 'blank')
    .orderBy('id')
    .execute();
  return rows.map(({ id, rev, value_json, removed_at }) => ({
    id,
    rev,
    value: removed_at === null ? (blankSchema.parse(upgradeBlank(JSON.parse(value_json))) as Blank) : null,
  }));
}

/**
 * Saves a blank over the state that the caller has seen (0: none kept yet); answers the new state, or null when another was
 * saved since.
 */
export async function saveShopBlank(
  db: Connection,
  { id, rev, value }: { readonly id: string; readonly rev: number; readonly value: Blank },
  nowIso: string,
): Promise<number | null> {
  const row = { value_json: JSON.stringify(value), updated_at: nowIso, removed_at: null };
  if (rev === 0) {
    const { numInsertedOrUpdatedRows } = await db
      .insertInto('shop')
      .values({ kind: 'blank', id, rev: 1, ...row })
      .onConflict((conflict) => conflict.columns(['kind', 'id']).doNothing())
      .executeTakeFirst();
    return numInsertedOrUpdatedRows === 1n ? 1 : null;
  }
  const { numUpdatedRows } = await db
    .updateTable('shop')
    .set({ ...row, rev: rev + 1 })
    .where('kind', '=', 'blank')
    .where('id', '=', id)
    .where('rev', '=', rev)
    .executeTakeFirst();
  return numUpdatedRows === 1n ? rev + 1 : null;
}

/** Removes it; its measures stay in the database, so that this can be taken back. `value` is what it was last. */
export async function removeShopBlank(db: Connection, id: string, value: Blank, nowIso: string): Promise<void> {
  const row = { value_json: JSON.stringify(value), updated_at: nowIso, removed_at: nowIso };
  await db
    .insertInto('shop')
    .values({ kind: 'blank', id, rev: 1, ...row })
    .onConflict((conflict) =>
      conflict.columns(['kind', 'id']).doUpdateSet((eb) => ({ ...row, rev: eb('shop.rev', '+', 1) })),
    )
    .execute();
}

/** Takes a removal back. False when nothing of that id was removed. */
export async function restoreShopBlank(db: Connection, id: string, nowIso: string): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('shop')
    .set((eb) => ({ removed_at: null, updated_at: nowIso, rev: eb('rev', '+', 1) }))
    .where('kind', '=', 'blank')
    .where('id', '=', id)
    .where('removed_at', 'is not', null)
    .executeTakeFirst();
  return numUpdatedRows === 1n;
}
