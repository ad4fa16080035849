import { STARTER_BLANKS } from '@/core/blanks';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type Blank, blankSchema, upgradeBlank, shopIdSchema } from '@/core/shop';
import { findAttachment, listShopBlanks, removeShopBlank, restoreShopBlank, saveShopBlank } from '@/store';
import type { Context } from './context';
import { issuesOfZod } from './input-issues';
import type { ServiceProblem } from './problem';

/** A blank of the shop. `rev` 0: as the starter catalogue has it. */
export interface ShopBlankView {
  readonly id: string;
  readonly rev: number;
  readonly value: Blank;
}

/** The catalogue: what was kept lies over the starter's blanks, and removed ones are left out. By name. */
export async function listBlanks({ store }: Context): Promise<ShopBlankView[]> {
  const kept = new Map((await listShopBlanks(store.db)).map((thing) => [thing.id, thing]));
  const starters = STARTER_BLANKS.filter(({ id }) => !kept.has(id)).map(({ id, value }) => ({ id, rev: 0, value }));
  const own = [...kept.values()].flatMap(({ id, rev, value }) => (value ? [{ id, rev, value }] : []));
  return [...starters, ...own].sort((a, b) => a.value.name.localeCompare(b.value.name, 'en') || (a.id < b.id ? -1 : 1));
}

export async function getBlank(context: Context, id: string): Promise<Outcome<ShopBlankView, ServiceProblem>> {
  const found = (await listBlanks(context)).find((blank) => blank.id === id);
  return found ? ok(found) : fail({ kind: 'blankNotFound', blankId: id });
}

/** Saves a blank over the state that the caller has seen; 0 makes a new one, or the first change of a starter's. */
export async function saveBlank(
  context: Context,
  id: string,
  rev: number,
  candidate: unknown,
): Promise<Outcome<ShopBlankView, ServiceProblem>> {
  const parsedId = shopIdSchema.safeParse(id);
  if (!parsedId.success) {
    const message = 'An id of the shop is 2 to 40 small letters, figures and hyphens, a letter first.';
    return fail({ kind: 'invalidInput', issues: [{ field: 'id', row: null, message }] });
  }
  const parsed = blankSchema.safeParse(upgradeBlank(candidate));
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  const value = parsed.data as Blank;
  const { db } = context.store;
  if (value.photo && (await findAttachment(db, value.photo.sha)) === null) {
    const message = 'No photo of that hash is kept. Send it to /api/photos first.';
    return fail({ kind: 'invalidInput', issues: [{ field: 'photo.sha', row: null, message }] });
  }
  const issue = idIssue(value);
  if (issue) return fail({ kind: 'invalidInput', issues: [issue] });
  const saved = await saveShopBlank(db, { id, rev, value }, context.nowIso());
  if (saved !== null) return ok({ id, rev: saved, value });
  const now = (await listShopBlanks(db)).find((thing) => thing.id === id);
  return fail({ kind: 'changedElsewhere', yourCounter: rev, counter: now?.rev ?? 0 });
}

/** Ids that stand twice, and twins that lead nowhere. */
function idIssue({ places, variants }: Blank) {
  const ids = [...places, ...variants].map(({ id }) => id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) return { field: 'places', row: null, message: `The id ${twice} stands twice.` };
  const lost = places.find(({ twinOf }) => twinOf !== null && !places.some(({ id }) => id === twinOf));
  if (lost) return { field: 'places', row: null, message: `“${lost.name}” is the twin of a place that is not there.` };
  return null;
}

export async function removeBlank(context: Context, id: string): Promise<Outcome<null, ServiceProblem>> {
  const found = await getBlank(context, id);
  if (!found.ok) return found;
  await removeShopBlank(context.store.db, id, found.value.value, context.nowIso());
  return ok(null);
}

/** Takes a removal back; a blank that is there stays as it is. */
export async function restoreBlank(context: Context, id: string): Promise<Outcome<ShopBlankView, ServiceProblem>> {
  await restoreShopBlank(context.store.db, id, context.nowIso());
  return getBlank(context, id);
}
