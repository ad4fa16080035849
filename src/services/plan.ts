import type { Finding } from '@/core/finding';
import { type LedgerState, currentAttempt, foldActs } from '@/core/ledger';
import { type Outcome, ok } from '@/core/outcome';
import type { Bed } from '@/core/run';
import { type MadePass, madeAttempts } from '@/core/sheets';
import { listActs, listPasses } from '@/store';
import type { CutSoFar } from './compute/compute';
import type { Context } from './context';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

export interface PlannedPieceAnswer {
  readonly pieceId: string;
  readonly attempt: number;
  readonly text: readonly string[];
  /** Top left corner of the ink on the bed. */
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** SVG path in bed millimetres, as it lies (mirrored when reversed); null unless asked for. */
  readonly path: string | null;
}

export interface PlannedPassAnswer {
  /** The number it will get if it is made next in this order. */
  readonly no: number;
  readonly materialId: string;
  readonly isReversed: boolean;
  readonly bed: Bed;
  readonly patchWidthMm: number;
  readonly patchHeightMm: number;
  readonly usedShare: number;
  readonly pieces: readonly PlannedPieceAnswer[];
}

/** What is not made yet: passes as they would be made now, and what stays out with the reason. */
export interface PlanAnswer {
  readonly passes: readonly PlannedPassAnswer[];
  readonly unplaced: readonly {
    readonly pieceId: string;
    readonly attempt: number;
    readonly text: readonly string[];
    readonly reason: {
      readonly kind: 'largerThanBed';
      readonly pieceWidthMm: number;
      readonly pieceHeightMm: number;
      readonly roomWidthMm: number;
      readonly roomHeightMm: number;
    };
  }[];
  readonly stopped: readonly {
    readonly itemId: string;
    readonly text: readonly string[];
    readonly findings: readonly Finding[];
  }[];
}

export async function planOfRun(
  context: Context,
  runId: string,
  withOutlines: boolean,
): Promise<Outcome<PlanAnswer, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const passes = await listPasses(context.store.db, runId);
  const state = foldActs(await listActs(context.store.db, runId));
  return ok(
    await context.compute.plan({
      spec: run.value.spec,
      cutSoFar: cutSoFar(passes, state),
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
  const spoiledPieces = new Set([...state.spoiled.keys()].map((key) => key.split('#', 1)[0] ?? key));
  return {
    made: [...madeAttempts(passes).keys()],
    attempts: Object.fromEntries([...spoiledPieces].map((id) => [id, currentAttempt(state, id)])),
  };
}
