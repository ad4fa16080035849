import { placedIn } from '@/core/freeze';
import { entryIdsNamed } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import { entriesFromList } from '@/core/roster';
import { type RunSpec, readPieceId } from '@/core/spec';
import { beginOn } from '@/core/blanks';
import { changeList, newRunSpec, withShop } from '@/core/edit';
import { limitFaults } from '@/core/resolve';
import { makeId } from '@/core/ids';
import { type Connection, type StoredRun, findRun, insertRun, listActs, listPasses, updateRunSpec } from '@/store';
import type { Context } from './context';
import type { InputIssue, ServiceProblem } from './problem';
import { checkedNew, checkedSpec } from './checked-spec';
import { limitIssue } from './input-issues';
import { type ListInput, takeList } from './lists';
import { type ShopThingView, getThing, shopCopies } from './shop';
import { takersLost } from './takers-lost';

export type RunView = StoredRun;

type NewRunInput = ListInput & {
  readonly title: string;
  readonly dueOn: string | null;
  /** What of the shop it begins with; left out: as a bare run does. */
  readonly blankId?: string | undefined;
  readonly letteringId?: string | undefined;
};

/** A run from a list alone: everything else starts with a sensible default. */
export async function createRun(context: Context, input: NewRunInput): Promise<Outcome<StoredRun, ServiceProblem>> {
  const list = await takeList(context, input);
  if (!list.ok) return list;
  const entries = entriesFromList(list.value.lines, context.randomBytes);
  const bare = newRunSpec({ title: input.title, dueOn: input.dueOn, entries }, context.randomBytes);
  const spec = await begunWith(context, withShop(bare, await shopCopies(context)), input);
  return spec.ok ? storeNewRun(context, changeList(spec.value, { keyColumn: list.value.keyColumn })) : spec;
}

/** The blank and the lettering that were chosen for it, copied from the shop. */
async function begunWith(
  context: Context,
  spec: RunSpec,
  { blankId, letteringId }: Pick<NewRunInput, 'blankId' | 'letteringId'>,
): Promise<Outcome<RunSpec, ServiceProblem>> {
  const blank = blankId === undefined ? null : await getThing(context, 'blanks', blankId);
  if (blank && !blank.ok) return blank;
  const lettering = letteringId === undefined ? null : await getThing(context, 'letterings', letteringId);
  if (lettering && !lettering.ok) return lettering;
  const copyOf = <T>({ id, rev, value }: ShopThingView<T>) => ({ id, fromRev: rev === 0 ? null : rev, value });
  return ok(beginOn(spec, { blank: blank && copyOf(blank.value), lettering: lettering && copyOf(lettering.value) }));
}

/** A run of its own from a whole spec: nothing is made and nothing done in it yet. */
export async function storeNewRun(context: Context, candidate: unknown): Promise<Outcome<StoredRun, ServiceProblem>> {
  const spec = checkedNew(candidate);
  if (!spec.ok) return spec;
  const id = makeId<'run'>(context.randomBytes);
  return ok(await insertRun(context.store.db, id, spec.value, context.nowIso()));
}

export async function getRun({ store }: Context, runId: string): Promise<Outcome<StoredRun, ServiceProblem>> {
  const run = await findRun(store.db, runId);
  return run ? ok({ id: run.id, counter: run.counter, spec: run.spec }) : fail({ kind: 'runNotFound', runId });
}

/** Saves the whole spec over the state that the caller has seen. */
export async function saveSpec(
  context: Context,
  runId: string,
  counter: number,
  candidate: unknown,
): Promise<Outcome<StoredRun, ServiceProblem>> {
  const spec = checkedSpec(candidate);
  if (!spec.ok) return spec;
  const { db } = context.store;
  const before = await findRun(db, runId);
  const issues = limitFaults(spec.value, before?.spec ?? null).map(limitIssue);
  if (issues.length > 0) return fail({ kind: 'invalidInput', issues });
  const lost = [...(await entriesLost(context, runId, spec.value)), ...(await takersLost(db, runId, spec.value))];
  if (lost.length > 0) return fail({ kind: 'invalidInput', issues: lost });
  const saved = await updateRunSpec(db, { id: runId, counter, spec: spec.value }, context.nowIso());
  if (saved !== null) {
    context.events.changed(runId);
    return ok({ id: runId, counter: saved, spec: spec.value });
  }
  const now = await getRun(context, runId);
  return now.ok ? fail({ kind: 'changedElsewhere', yourCounter: counter, counter: now.value.counter }) : now;
}

/** Entries with work recorded may be withdrawn; leaving one out would take the name from what was made. */
async function entriesLost({ store: { db } }: Context, runId: string, spec: RunSpec): Promise<InputIssue[]> {
  const kept = new Set(spec.entries.map(({ id }) => id as string));
  const run = await findRun(db, runId);
  const textOf = new Map<string, string | undefined>(run?.spec.entries.map(({ id, fields }) => [id, fields.text]));
  return [...(await entriesWithWork(db, runId))]
    .filter((id) => !kept.has(id))
    .map((id) => ({
      field: 'entries',
      row: null,
      message: `“${textOf.get(id) ?? 'An entry'}” has work recorded. Set "withdrawn" on its entry instead of leaving it out.`,
    }));
}

/** Entries that the ledger or a made pass names. */
export async function entriesWithWork(db: Connection, runId: string): Promise<ReadonlySet<string>> {
  const named = new Set(entryIdsNamed(await listActs(db, runId)));
  for (const pass of await listPasses(db, runId)) {
    for (const { placed } of placedIn(pass)) named.add(readPieceId(placed.pieceId)?.entryId ?? placed.pieceId);
  }
  return named;
}
