import { type MadePass, passesInForce } from '@/core/freeze';
import { type Act, type LedgerState, foldActs, foldFurther } from '@/core/ledger';
import { type Connection, listActs, listPasses } from '@/store';

/** What was made and done in a run, read together. */
export interface RunWork {
  /** Every pass that was ever made: their numbers are used up, whatever became of them. */
  readonly allPasses: readonly MadePass[];
  /** Those that count: whatever asks for made pieces reads these. */
  readonly passes: readonly MadePass[];
  readonly acts: readonly Act[];
  readonly state: LedgerState;
}

export async function readWork(db: Connection, runId: string): Promise<RunWork> {
  const [allPasses, acts] = [await listPasses(db, runId), await listActs(db, runId)];
  return workIn(allPasses, acts, keptState(acts));
}

export function workOf(allPasses: readonly MadePass[], acts: readonly Act[]): RunWork {
  return workIn(allPasses, acts, foldActs(acts));
}

function workIn(allPasses: readonly MadePass[], acts: readonly Act[], state: LedgerState): RunWork {
  return { allPasses, passes: passesInForce(allPasses, state.unmade), acts, state };
}

/** By the first act of a ledger, which stays the same object as long as the ledger is remembered. */
const folded = new WeakMap<Act, { readonly acts: readonly Act[]; readonly state: LedgerState }>();

/** What a ledger comes to; one that has grown by a mark is not folded from its beginning again. */
function keptState(acts: readonly Act[]): LedgerState {
  const [first] = acts;
  if (!first) return foldActs(acts);
  const kept = folded.get(first);
  const state = (kept && isContinued(kept.acts, acts) && foldFurther(kept.state, acts.slice(kept.acts.length))) || null;
  const now = state ?? foldActs(acts);
  folded.set(first, { acts, state: now });
  return now;
}

/** Whether a ledger goes on from an earlier one: it only grows, so that the last act that both have tells. */
export function isContinued(earlier: readonly Act[], acts: readonly Act[]): boolean {
  return acts.length >= earlier.length && acts[earlier.length - 1] === earlier.at(-1);
}
