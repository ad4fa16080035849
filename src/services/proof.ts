import { type Outcome, ok } from '@/core/outcome';
import type { Context } from './context';
import { frozenBodies } from './fits';
import type { ServiceProblem } from './problem';
import type { FileBytes } from './roster-files';
import { getRun } from './runs';

/** The proof of a run to be printed and signed. */
export async function proofOfRun(context: Context, runId: string): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const frozen = await frozenBodies(context.store.db, runId, spec);
  const bytes = await context.compute.proofPdf({ runId, spec, frozen, today: context.nowIso().slice(0, 10) });
  return ok({ bytes: new Uint8Array(bytes) });
}
