import { type Heater, heaterFacts } from '@/core/shop';
import type { Paper } from '@/core/place';
import { type CutPiece, pressRows } from '@/core/press';
import { type Outcome, fail, ok } from '@/core/outcome';
import { placedIn } from '@/core/freeze';
import { pieceNames } from '@/core/pieces';
import { resolveSlots } from '@/core/resolve';
import { type RunSpec, readPieceId } from '@/core/spec';
import { type HeatUnit, type LengthUnit, formatHeat, formatLength, heatWord, unitWord } from '@/core/units';
import type { Context } from './context';
import { pressSheetPdf } from './documents/press-sheet-pdf';
import type { ServiceProblem } from './problem';
import type { FileBytes } from './roster-files';
import { getRun } from './runs';
import { readWork } from './work';

export interface PressSheetWish {
  /** A made pass; null: everything of the run. */
  readonly passNo: number | null;
  readonly heater: Heater;
  readonly heat: HeatUnit;
  readonly length: LengthUnit;
  readonly paper: Paper;
}

/** How a made pass, or a whole run, is pressed: on paper, for the wall beside the press. */
export async function pressSheetOfRun(
  context: Context,
  runId: string,
  { passNo, heater, heat, length, paper }: PressSheetWish,
): Promise<Outcome<FileBytes, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const pieces = await piecesOf(context, runId, spec, passNo);
  if (!pieces.ok) return pieces;
  const names = new Map(resolveSlots(spec).map(({ itemId, text }) => [itemId, text.join(' ')]));
  const bytes = await pressSheetPdf({
    title: spec.title,
    what: passNo === null ? 'the whole run' : `pass ${passNo}`,
    rows: pressRows(spec, inRosterOrder(pieces.value, [...names.keys()]), heater),
    nameOf: (itemId) => names.get(itemId) ?? itemId,
    heaterWords: heaterFacts(heater).words,
    figures: {
      heat: (celsius) => `${formatHeat(celsius, heat)} ${heatWord(heat)}`,
      pair: (widthMm, heightMm, decimals = 1) =>
        `${formatLength(widthMm, length, decimals)} × ${formatLength(heightMm, length, decimals)} ${unitWord(length)}`,
    },
    paper,
    today: context.nowIso().slice(0, 10),
  });
  return ok({ bytes: new Uint8Array(bytes) });
}

/** Whoever looks for a name looks in the order of the list, not of the bed. */
function inRosterOrder(pieces: readonly CutPiece[], itemIds: readonly string[]): readonly CutPiece[] {
  const at = new Map(itemIds.map((id, i) => [id, i]));
  const placeOf = ({ pieceId }: CutPiece) => at.get(readPieceId(pieceId)?.itemId ?? '') ?? itemIds.length;
  return [...pieces].sort((a, b) => placeOf(a) - placeOf(b));
}

async function piecesOf(
  { store: { db } }: Context,
  runId: string,
  spec: RunSpec,
  passNo: number | null,
): Promise<Outcome<readonly CutPiece[], ServiceProblem>> {
  if (passNo === null)
    return ok(pieceNames(resolveSlots(spec)).map(({ id, layer }) => ({ pieceId: id, materialId: layer.materialId })));
  const { passes, allPasses } = await readWork(db, runId);
  const pass = passes.find(({ no }) => no === passNo);
  if (!pass) {
    const unmade = allPasses.some(({ no }) => no === passNo);
    if (unmade) return fail({ kind: 'passUnmade', no: passNo, isFile: true });
    return fail({ kind: 'passNotFound', no: passNo, lastNo: Math.max(0, ...passes.map(({ no }) => no)) });
  }
  return ok(
    [...placedIn(pass)].map(({ patch, placed }) => ({ pieceId: placed.pieceId, materialId: patch.materialId })),
  );
}
