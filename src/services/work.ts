import { type MadePass, passesInForce } from '@/core/freeze';
import { type Act, type LedgerState, foldActs } from '@/core/ledger';
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
  return workOf(await listPasses(db, runId), await listActs(db, runId));
}

export function workOf(allPasses: readonly MadePass[], acts: readonly Act[]): RunWork {
  const state = foldActs(acts);
  return { allPasses, passes: passesInForce(allPasses, state.unmade), acts, state };
}
