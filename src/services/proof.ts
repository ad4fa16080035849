import type { Paper } from '@/core/place';
import { type Outcome, ok } from '@/core/outcome';
import { METRIC, type Units } from '@/core/sentences';
import type { Context } from './context';
import { frozenBodies } from './fits';
import type { ServiceProblem } from './problem';
import type { FileBytes } from './roster-files';
import { getRun } from './runs';

export interface ProofWish {
  readonly paper: Paper;
  readonly units: Units;
}

/** The proof of a run to be printed and signed. */
export async function proofOfRun(
  context: Context,
  runId: string,
  { paper, units }: ProofWish = { paper: 'a4', units: METRIC },
): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const frozen = await frozenBodies(context.store.db, runId, spec);
  const bytes = await context.compute.proofPdf({
    runId,
    spec,
    frozen,
    paper,
    units,
    today: context.nowIso().slice(0, 10),
  });
  return ok({ bytes: new Uint8Array(bytes) });
}
