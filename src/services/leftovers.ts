import { type Act, passIdsTouched } from '@/core/ledger';
import { isOnce } from '@/core/spec';
import { findRun } from '@/store';
import type { Context } from './context';
import { removeThing, restoreThing } from './shop';
import { readWork } from './work';

/**
 * A leftover that a pass lies on is used up: no other run is offered it. Once the pass is taken back it stands on its shelf again. A bed
 * that the shop never had is none of its business.
 */
export async function settleLeftovers(context: Context, runId: string, passIds: Iterable<string>): Promise<void> {
  const touched = new Set(passIds);
  if (touched.size === 0) return;
  const { db } = context.store;
  const run = await findRun(db, runId);
  const leftovers = new Set(run?.spec.shop.beds.filter(({ value }) => isOnce(value)).map(({ id }) => id));
  if (leftovers.size === 0) return;
  const { allPasses, passes } = await readWork(db, runId);
  const used = new Set(passes.map(({ bedId }) => bedId));
  for (const { id, bedId } of allPasses) {
    if (bedId === undefined || !leftovers.has(bedId) || !touched.has(id)) continue;
    await (used.has(bedId) ? removeThing(context, 'beds', bedId) : restoreThing(context, 'beds', bedId));
  }
}

/** The same after an act that took passes back, or brought them again. */
export async function settleAfterAct(context: Context, runId: string, act: Act): Promise<void> {
  // A mark touches no pass, and must not read the whole ledger for it.
  if (!act.unmade && act.deeds.every(({ kind }) => kind !== 'unmade' && kind !== 'undone')) return;
  const { acts } = await readWork(context.store.db, runId);
  const byId = new Map(acts.map((known) => [known.id, known]));
  await settleLeftovers(
    context,
    runId,
    passIdsTouched(act, (id) => byId.get(id)),
  );
}
