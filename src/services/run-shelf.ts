import { type Outcome, fail, ok } from '@/core/outcome';
import { type RunSpec, findBlank, variantFor } from '@/core/spec';
import {
  type RunHead,
  type RunListing,
  type StoredRun,
  type RunMark,
  byAge,
  faultOf,
  findListing,
  findRun,
  listRunIds,
  listRunMarks,
  removeRun,
  restoreRun,
  setArchived,
} from '@/store';
import type { Context } from './context';
import { type BlankSeen, type RunSummary, type Shelved, type UnreadableRun, MOST_KNOWN } from './known-runs';
import { runFaultSentence } from './data-words';
import { itemWorks } from './item-works';
import type { ServiceProblem } from './problem';
import { storeNewRun } from './runs';
import { readWork } from './work';

export interface RunShelf {
  readonly runs: readonly RunSummary[];
  readonly unreadable: readonly UnreadableRun[];
}

/**
 * All runs with how far each is, newest first; archived ones are among them and marked. Only those that were changed since are read: reading
 * five hundred runs takes seconds.
 */
export async function listRunSummaries(context: Context): Promise<RunShelf> {
  const { store, knownRuns: kept } = context;
  const marks = await listRunMarks(store.db);
  const shelved: Shelved[] = [];
  for (const { id, mark } of marks ?? (await marksOneByOne(context))) {
    const found = kept.get(id);
    const isKnown = found !== undefined && found.mark === mark && marks !== null;
    // Others are served between one run and the next.
    if (!isKnown) await new Promise((resolve) => setImmediate(resolve));
    const now = isKnown ? found.shelved : await shelve(context, id);
    if (!now) continue;
    shelved.push(now);
    kept.delete(id);
    if (now.kind === 'run') kept.set(id, { mark, shelved: now });
  }
  for (const id of kept.keys()) {
    if (kept.size <= MOST_KNOWN) break;
    kept.delete(id);
  }
  const sorted = [...shelved].sort((a, b) => byAge(a.run, b.run));
  return {
    runs: sorted.flatMap((one) => (one.kind === 'run' ? [one.run] : [])),
    unreadable: sorted.flatMap((one) => (one.kind === 'unreadable' ? [one.run] : [])),
  };
}

async function marksOneByOne({ store }: Context): Promise<readonly RunMark[]> {
  return (await listRunIds(store.db)).map((id) => ({ id, mark: '' }));
}

/** Null where it was removed. */
async function shelve(context: Context, id: string): Promise<Shelved | null> {
  const listing = await findListing(context.store.db, id);
  if (!listing) return null;
  if (listing.kind === 'unreadable') return { kind: 'unreadable', run: unreadableOf(listing) };
  try {
    return { kind: 'run', run: await summaryOf(context, listing) };
  } catch (error) {
    // Its marks may be unreadable where its list is not.
    const fault = faultOf(error);
    if (fault === null) throw error;
    const { spec, createdAt } = listing;
    return { kind: 'unreadable', run: { id, title: spec.title, createdAt, detail: runFaultSentence(fault) } };
  }
}

function unreadableOf({ id, title, createdAt, fault }: Extract<RunListing, { kind: 'unreadable' }>): UnreadableRun {
  return { id, title, createdAt, detail: runFaultSentence(fault) };
}

async function summaryOf({ store: { db } }: Context, run: RunHead): Promise<RunSummary> {
  const { id, counter, spec, createdAt, updatedAt, archivedAt } = run;
  return {
    id,
    title: spec.title,
    dueOn: spec.dueOn,
    counter,
    createdAt,
    updatedAt,
    isArchived: archivedAt !== null,
    numEntries: spec.entries.filter(({ withdrawn }) => !withdrawn).length,
    blanks: blanksSeen(spec),
    tally: itemWorks(spec, await readWork(db, id)).tally,
  };
}

/** As many as a row shows. */
const MOST_SEEN = 4;

function blanksSeen(spec: RunSpec): readonly BlankSeen[] {
  const copies = [...new Map(spec.uses.map((use) => [use.blankId, use])).values()].slice(0, MOST_SEEN);
  return copies.map((use) => {
    const { name, kind } = findBlank(spec, use.blankId);
    const { body, colour } = variantFor(spec, use);
    return { name, kind, variant: { body, colour } };
  });
}

/** Removing can be taken back with `restoreRunById`: nothing is deleted. */
export async function removeRunById(context: Context, runId: string): Promise<Outcome<null, ServiceProblem>> {
  return told(context, runId, await removeRun(context.store.db, runId, context.nowIso()));
}

export async function restoreRunById(context: Context, runId: string): Promise<Outcome<null, ServiceProblem>> {
  return told(context, runId, await restoreRun(context.store.db, runId));
}

/** Puts a run out of the way, or back among the others. */
export async function archiveRun(
  context: Context,
  runId: string,
  isArchived: boolean,
): Promise<Outcome<null, ServiceProblem>> {
  return told(context, runId, await setArchived(context.store.db, runId, isArchived ? context.nowIso() : null));
}

function told({ events }: Context, runId: string, isFound: boolean): Outcome<null, ServiceProblem> {
  if (!isFound) return fail({ kind: 'runNotFound', runId });
  events.changed(runId);
  return ok(null);
}

const MOST_TITLE = 200;

/** The same list, blank and settings again, to be worked from the start. */
export async function duplicateRun(context: Context, runId: string): Promise<Outcome<StoredRun, ServiceProblem>> {
  const run = await findRun(context.store.db, runId);
  return run ? storeNewRun(context, freshCopy(run.spec)) : fail({ kind: 'runNotFound', runId });
}

/** Withdrawn entries were kept for work that the copy does not have. */
function freshCopy(spec: RunSpec): RunSpec {
  const ending = ' (copy)';
  return {
    ...spec,
    title: spec.title.slice(0, MOST_TITLE - ending.length) + ending,
    entries: spec.entries.filter(({ withdrawn }) => !withdrawn),
    layout: { ...spec.layout, heldBack: [] },
  };
}
