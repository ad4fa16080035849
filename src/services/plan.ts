import { type LedgerState, currentAttempt, foldActs } from '@/core/ledger';
import { type Outcome, ok } from '@/core/outcome';
import { type MadePass, madeAttempts } from '@/core/freeze';
import { listActs, listPasses } from '@/store';
import type { PlanAnswer } from './compute/answers';
import type { CutSoFar } from './compute/compute';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { releasedToCut } from './releases';
import { getRun } from './runs';

export async function planOfRun(
  context: Context,
  runId: string,
  withOutlines: boolean,
): Promise<Outcome<PlanAnswer, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const passes = await listPasses(context.store.db, runId);
  const state = foldActs(await listActs(context.store.db, runId));
  const soFar = cutSoFar(passes, state);
  return ok(
    await context.compute.plan({
      runId,
      spec: run.value.spec,
      cutSoFar: soFar,
      released: await releasedToCut(context.store.db, runId, soFar),
      firstNo: nextPassNo(passes),
      withOutlines,
    }),
  );
}

/** Numbers are never used twice: passes are never deleted, so the next is one above the highest. */
export function nextPassNo(passes: readonly MadePass[]): number {
  return Math.max(0, ...passes.map(({ no }) => no)) + 1;
}

export function cutSoFar(passes: readonly MadePass[], state: LedgerState): CutSoFar {
  return {
    made: [...madeAttempts(passes).keys()],
    attempts: Object.fromEntries([...state.spoiled.pieceIds()].map((id) => [id, currentAttempt(state, id)])),
  };
}
