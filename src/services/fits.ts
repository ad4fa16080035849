import { type Outcome, ok } from '@/core/outcome';
import type { FitsAnswer } from './compute/answers';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

export async function fitsOfRun(
  context: Context,
  runId: string,
  withOutlines: boolean,
): Promise<Outcome<FitsAnswer, ServiceProblem>> {
  const run = await getRun(context, runId);
  return run.ok ? ok(await context.compute.fits(run.value.spec, withOutlines)) : run;
}
