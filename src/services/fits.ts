import type { Fit, SetHeight } from '@/core/fit';
import type { Finding } from '@/core/finding';
import type { OutlineNumbers } from '@/core/geometry';
import { type Outcome, ok } from '@/core/outcome';
import type { FitRef } from '@/core/run';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

/** One fit as numbers for another program. Frame of the place: origin top left, y down. */
export interface FitAnswer extends FitRef {
  readonly itemId: string;
  readonly text: readonly string[];
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly xMm: number;
  readonly yMm: number;
  readonly boundBy: Fit['boundBy'];
  readonly numIslands: number;
  readonly numHoles: number;
  readonly findings: readonly Finding[];
  /** Integers of 0.1 µm where the fit lies in its place; null unless asked for. */
  readonly outline: OutlineNumbers | null;
}

export interface FitsAnswer {
  readonly fits: readonly FitAnswer[];
  readonly setHeights: Readonly<Record<string, SetHeight>>;
}

export async function fitsOfRun(
  context: Context,
  runId: string,
  withOutlines: boolean,
): Promise<Outcome<FitsAnswer, ServiceProblem>> {
  const run = await getRun(context, runId);
  return run.ok ? ok(await context.compute.fits(run.value.spec, withOutlines)) : run;
}
