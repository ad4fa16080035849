import { ZodError } from 'zod';
import type { ShopCopies } from '@/core/edit';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type Blank, shopIdSchema } from '@/core/shop';
import { listShopThings, removeShopThing, restoreShopThing, saveShopThing } from '@/store';
import type { Context } from './context';
import { issuesOfZod } from './input-issues';
import type { ServiceProblem } from './problem';
import { type Shelf, type ShelfFacts, type ShopValues, SHELVES } from './shelves';

/** A thing of the shop. `rev` 0: as a bare shop begins with it. */
export interface ShopThingView<T> {
  readonly id: string;
  readonly rev: number;
  readonly value: T;
}

export type ShopBlankView = ShopThingView<Blank>;

/** More than a shop has; a thousand and one is refused with what to do. */
const MOST_THINGS = 2000;

/** All on a shelf: what was kept lies over what a bare shop begins with, and what was taken out is left out. By kind, then by name. */
export async function listThings<S extends Shelf>(
  { store }: Context,
  shelf: S,
): Promise<ShopThingView<ShopValues[S]>[]> {
  const facts = factsOf(shelf);
  const kept = new Map((await listShopThings(store.db, facts)).map((thing) => [thing.id, thing]));
  const starters = facts.starters.filter(({ id }) => !kept.has(id)).map(({ id, value }) => ({ id, rev: 0, value }));
  const own = [...kept.values()].flatMap(({ id, rev, value }) => (value ? [{ id, rev, value }] : []));
  const { rankOf } = facts;
  return [...starters, ...own].sort(
    (a, b) =>
      rankOf(a.value) - rankOf(b.value) || a.value.name.localeCompare(b.value.name, 'en') || (a.id < b.id ? -1 : 1),
  );
}

/** The one table, read at a shelf that is only known as a name. */
function factsOf<S extends Shelf>(shelf: S): ShelfFacts<ShopValues[S]> {
  return SHELVES[shelf];
}

/** All that a run takes copies of as it begins; `fromRev` null: as a bare shop begins with it. */
export async function shopCopies(context: Context): Promise<ShopCopies> {
  const copies = async <S extends Shelf>(shelf: S) =>
    (await listThings(context, shelf)).map(({ id, rev, value }) => ({ id, fromRev: rev === 0 ? null : rev, value }));
  return {
    materials: await copies('materials'),
    beds: await copies('beds'),
    letterings: await copies('letterings'),
    cards: await copies('cards'),
  };
}

export async function getThing<S extends Shelf>(
  context: Context,
  shelf: S,
  id: string,
): Promise<Outcome<ShopThingView<ShopValues[S]>, ServiceProblem>> {
  const found = (await listThings(context, shelf)).find((thing) => thing.id === id);
  return found ? ok(found) : fail({ kind: 'shopThingNotFound', shelf, word: SHELVES[shelf].word, id });
}

export interface ThingToSave {
  readonly id: string;
  /** The state that the caller has seen; 0 makes a new one, or the first change of what a bare shop begins with. */
  readonly rev: number;
  readonly candidate: unknown;
}

export async function saveThing<S extends Shelf>(
  context: Context,
  shelf: S,
  { id, rev, candidate }: ThingToSave,
): Promise<Outcome<ShopThingView<ShopValues[S]>, ServiceProblem>> {
  const facts = factsOf(shelf);
  if (!shopIdSchema.safeParse(id).success) {
    const message = 'An id of the shop is 2 to 40 small letters, figures and hyphens, a letter first.';
    return fail({ kind: 'invalidInput', issues: [{ field: 'id', row: null, message }] });
  }
  const parsed = parsedBy(facts, candidate);
  if (!parsed.ok) return parsed;
  const { value } = parsed;
  const { db } = context.store;
  const issue = await facts.issueOf(context, value);
  if (issue) return fail({ kind: 'invalidInput', issues: [issue] });
  const things = await listThings(context, shelf);
  if (things.length >= MOST_THINGS && !things.some((thing) => thing.id === id)) {
    const message = `A shop keeps at most ${MOST_THINGS} of a kind. Take out what is not used any more.`;
    return fail({ kind: 'invalidInput', issues: [{ field: shelf, row: null, message }] });
  }
  const saved = await saveShopThing(db, facts, { id, rev, value }, context.nowIso());
  if (saved !== null) return ok({ id, rev: saved, value });
  const now = (await listShopThings(db, facts)).find((thing) => thing.id === id);
  return fail({ kind: 'changedElsewhere', yourCounter: rev, counter: now?.rev ?? 0 });
}

function parsedBy<T extends { readonly name: string }>(
  { parse }: ShelfFacts<T>,
  candidate: unknown,
): Outcome<T, ServiceProblem> {
  try {
    return ok(parse(candidate));
  } catch (error) {
    if (error instanceof ZodError) return fail({ kind: 'invalidInput', issues: issuesOfZod(error) });
    throw error;
  }
}

export async function removeThing(context: Context, shelf: Shelf, id: string): Promise<Outcome<null, ServiceProblem>> {
  const found = await getThing(context, shelf, id);
  if (!found.ok) return found;
  await removeShopThing(context.store.db, SHELVES[shelf], { id, value: found.value.value }, context.nowIso());
  return ok(null);
}

/** Takes a removal back; what is there stays as it is. */
export async function restoreThing<S extends Shelf>(
  context: Context,
  shelf: S,
  id: string,
): Promise<Outcome<ShopThingView<ShopValues[S]>, ServiceProblem>> {
  await restoreShopThing(context.store.db, SHELVES[shelf], id, context.nowIso());
  return getThing(context, shelf, id);
}
