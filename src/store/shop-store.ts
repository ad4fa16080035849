import type { Connection, ShopKindName } from './database';
import { UnreadableError } from './faults';

/** A thing of the shop at one of its states. `value` null: it was removed. */
export interface ShopThing<T> {
  readonly id: string;
  readonly rev: number;
  readonly value: T | null;
}

/** What the shop keeps of one kind: how it is stored, and read again. */
export interface ShopKind<T> {
  readonly kind: ShopKindName;
  /** Throws on what is damaged; older ones are brought up. */
  readonly parse: (json: unknown) => T;
}

/** What somebody changed, made or removed of a kind; what a bare shop begins with is not among it. Throws on a damaged one. */
export async function listShopThings<T>(db: Connection, { kind, parse }: ShopKind<T>): Promise<ShopThing<T>[]> {
  const rows = await db
    .selectFrom('shop')
    .select(['id', 'rev', 'value_json', 'removed_at'])
    .where('kind', '=', kind)
    .orderBy('id')
    .execute();
  return rows.map(({ id, rev, value_json, removed_at }) => ({
    id,
    rev,
    value: removed_at === null ? parsed(value_json, parse) : null,
  }));
}

function parsed<T>(json: string, parse: ShopKind<T>['parse']): T {
  try {
    return parse(JSON.parse(json));
  } catch {
    throw new UnreadableError({ kind: 'damaged' });
  }
}

/**
 * Saves a thing over the state that the caller has seen (0: none kept yet); answers the new state, or null when another was
 * saved since.
 */
export async function saveShopThing<T>(
  db: Connection,
  { kind }: ShopKind<T>,
  { id, rev, value }: { readonly id: string; readonly rev: number; readonly value: T },
  nowIso: string,
): Promise<number | null> {
  const row = { value_json: JSON.stringify(value), updated_at: nowIso, removed_at: null };
  if (rev === 0) {
    const { numInsertedOrUpdatedRows } = await db
      .insertInto('shop')
      .values({ kind, id, rev: 1, ...row })
      .onConflict((conflict) => conflict.columns(['kind', 'id']).doNothing())
      .executeTakeFirst();
    return numInsertedOrUpdatedRows === 1n ? 1 : null;
  }
  const { numUpdatedRows } = await db
    .updateTable('shop')
    .set({ ...row, rev: rev + 1 })
    .where('kind', '=', kind)
    .where('id', '=', id)
    .where('rev', '=', rev)
    .executeTakeFirst();
  return numUpdatedRows === 1n ? rev + 1 : null;
}

/** Removes it; what it was last, `value`, stays in the database, so that this can be taken back. */
export async function removeShopThing<T>(
  db: Connection,
  { kind }: ShopKind<T>,
  { id, value }: { readonly id: string; readonly value: T },
  nowIso: string,
): Promise<void> {
  const row = { value_json: JSON.stringify(value), updated_at: nowIso, removed_at: nowIso };
  await db
    .insertInto('shop')
    .values({ kind, id, rev: 1, ...row })
    .onConflict((conflict) =>
      conflict.columns(['kind', 'id']).doUpdateSet((eb) => ({ ...row, rev: eb('shop.rev', '+', 1) })),
    )
    .execute();
}

/** Takes a removal back. False when nothing of that id was removed. */
export async function restoreShopThing<T>(
  db: Connection,
  { kind }: ShopKind<T>,
  id: string,
  nowIso: string,
): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('shop')
    .set((eb) => ({ removed_at: null, updated_at: nowIso, rev: eb('rev', '+', 1) }))
    .where('kind', '=', kind)
    .where('id', '=', id)
    .where('removed_at', 'is not', null)
    .executeTakeFirst();
  return numUpdatedRows === 1n;
}
