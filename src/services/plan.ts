import { type LedgerState, currentAttempt } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type MadePass, madeAttempts } from '@/core/freeze';
import type { PassOnBed, PlanAnswer } from './compute/answers';
import type { CutSoFar, OpenAnswer, PlanRequest } from './compute/compute';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { releasedToCut } from './releases';
import { getRun } from './runs';
import { type RunWork, readWork } from './work';

export async function planOfRun(
  context: Context,
  runId: string,
  outlinesOf: PlanRequest['outlinesOf'] = null,
): Promise<Outcome<PlanAnswer, ServiceProblem>> {
  const request = await planRequest(context, runId);
  return request.ok ? ok(await context.compute.plan({ ...request.value, outlinesOf })) : request;
}

/** A planned pass as it is drawn. */
export interface PlannedPass {
  /** Of the plan that it lies in. */
  readonly name: string;
  readonly pass: PassOnBed;
}

/** One planned pass with the outlines of its pieces, by the number that it gets if it is made in this order. */
export async function plannedPass(
  context: Context,
  runId: string,
  no: number,
): Promise<Outcome<PlannedPass, ServiceProblem>> {
  const plan = await planOfRun(context, runId, no);
  if (!plan.ok) return plan;
  const { name, passes } = plan.value;
  const pass = passes.find((planned) => planned.no === no);
  return pass ? ok({ name, pass }) : fail({ kind: 'passNotPlanned', no });
}

/** What is open in the passes that pieces lie in, one for each pass; of the next pass for null. Pieces in no pass have none. */
export async function openInPasses(
  context: Context,
  runId: string,
  pieceIds: readonly string[] | null,
): Promise<Outcome<OpenAnswer, ServiceProblem>> {
  const request = await planRequest(context, runId);
  return request.ok ? ok(await context.compute.openPasses({ ...request.value, pieceIds })) : request;
}

async function planRequest(context: Context, runId: string): Promise<Outcome<PlanRequest, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const work = await readWork(db, runId);
  const soFar = cutSoFar(work);
  return ok({
    runId,
    spec: run.value.spec,
    cutSoFar: soFar,
    released: await releasedToCut(db, runId, soFar),
    firstNo: nextPassNo(work.allPasses),
    outlinesOf: null,
  });
}

/** Numbers are never used twice: passes are never deleted, so the next is one above the highest. */
export function nextPassNo(allPasses: readonly MadePass[]): number {
  return Math.max(0, ...allPasses.map(({ no }) => no)) + 1;
}

export function cutSoFar({ passes, state }: Pick<RunWork, 'passes'> & { readonly state: LedgerState }): CutSoFar {
  return {
    made: [...madeAttempts(passes).keys()],
    usedBeds: [...new Set(passes.flatMap(({ bedId }) => bedId ?? []))],
    attempts: Object.fromEntries([...state.spoiled.pieceIds()].map((id) => [id, currentAttempt(state, id)])),
  };
}
