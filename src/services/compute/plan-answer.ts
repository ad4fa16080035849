import { createHash } from 'node:crypto';
import type { RunReport } from '@/core/report';
import { asksOf } from '@/core/figures';
import { linesPath, pathData } from '@/core/cutfile';
import { hasStop } from '@/core/finding';
import { attemptKey, pageOf } from '@/core/freeze';
import { boxHeight, boxWidth } from '@/core/geometry';
import { type Piece, namesOfSlot } from '@/core/pieces';
import { type ReadOutlines, openPieces, releasedPieces } from '@/core/release';
import { presentOrThrow } from '@/core/outcome';
import { type PassPlan, type PlannedPatch, type WhichPacking, outlineOnBed, planPasses } from '@/core/sheets';
import { isCut, processOf } from '@/core/shop';
import { fitKeyOf, findBed, findMaterial } from '@/core/spec';
import type { RunSpec } from '@/core/spec';
import { um10ToMm } from '@/core/units';
import type { PatchOnBed, PlanAnswer } from './answers';
import type { FreezeRequest, OpenAnswer, OpenRequest, PlanRequest } from './compute';

/** Everything that is wanted and not made, laid out. */
export function planOf(
  { cutSoFar: { made, attempts, usedBeds }, released }: Pick<PlanRequest | FreezeRequest, 'cutSoFar' | 'released'>,
  { spec, slots, checked }: RunReport,
  readOutlines: ReadOutlines,
  which: WhichPacking = 'best',
): PassPlan {
  const isMade = new Set(made);
  const heldBack = new Set<string>(spec.layout.heldBack);
  const wanted = releasedPieces(slots, checked.fits, released, readOutlines)
    .map((piece) => ({ piece, attempt: attempts[piece.id] ?? 1 }))
    .filter(({ piece, attempt }) => !isMade.has(attemptKey(piece.id, attempt)) && isCutHere(spec, piece, heldBack));
  return planPasses(spec, wanted, which, new Set(usedBeds));
}

/** Names a layout by what lies where, on which bed. */
export function nameOfPlan({ passes }: PassPlan): string {
  const lying = passes.map(({ bedId, patches }) => [
    bedId,
    patches.map(({ placed }) => placed.map(({ piece, attempt, x, y, turnDeg }) => [piece.id, attempt, x, y, turnDeg])),
  ]);
  return createHash('sha256').update(JSON.stringify(lying)).digest('hex').slice(0, 16);
}

/** Ready-made pieces are not cut, and entries that are held back wait for a later pass. */
function isCutHere(spec: RunSpec, { materialId, slot }: Piece, heldBack: ReadonlySet<string>): boolean {
  return isCut(processOf(findMaterial(spec, materialId))) && !heldBack.has(slot.entry.id);
}

export function planAnswer(request: PlanRequest, report: RunReport, plan: PassPlan): PlanAnswer {
  const { firstNo, outlinesOf, released } = request;
  const { passes, unplaced, searches } = plan;
  const isReleased = new Set(released.map(({ pieceId }) => pieceId));
  return {
    name: nameOfPlan(plan),
    isSearching: searches.length > 0,
    passes: passes.map((pass, i) => ({
      no: firstNo + i,
      bed: pageOf(findBed(report.spec, pass.bedId), pass),
      patches: pass.patches.map((patch) => patchOnBed(patch, outlinesOf === 'all' || outlinesOf === firstNo + i)),
    })),
    unplaced: unplaced.map(({ piece, attempt, pieceWidthMm, pieceHeightMm, roomWidthMm, roomHeightMm }) => ({
      pieceId: piece.id,
      attempt,
      text: piece.text,
      whose: piece.slot.whose,
      reason: { kind: 'largerThanBed', pieceWidthMm, pieceHeightMm, roomWidthMm, roomHeightMm },
    })),
    stopped: report.checked.fits
      // What was released is cut whatever is wrong with it now.
      .filter(({ fit, findings }) => hasStop(findings) && !namesOfSlot(fit.slot).some(({ id }) => isReleased.has(id)))
      .map(({ fit: { slot }, findings }) => ({
        itemId: slot.itemId,
        fitKey: fitKeyOf(slot.ref),
        text: slot.text,
        whose: slot.whose,
        findings,
      })),
  };
}

/** What is open in the passes that pieces lie in, or in the first: numbered as they would be if they were made in this order. */
export function openPasses(request: OpenRequest, report: RunReport, readOutlines: ReadOutlines): OpenAnswer {
  const { pieceIds, released, firstNo } = request;
  const plan = planOf(request, report, readOutlines);
  const passes = plan.passes.map(({ patches }) => patches.flatMap(({ placed }) => placed.map(({ piece }) => piece)));
  const passOf = new Map(passes.flatMap((pieces, i) => pieces.map(({ id }) => [id, i] as const)));
  const asked = new Set(pieceIds ? pieceIds.flatMap((id) => passOf.get(id) ?? []) : passes.slice(0, 1).keys());
  const isAsked = new Set([...asked].flatMap((at) => passes[at]!.map(({ slot }) => fitKeyOf(slot.ref))));
  const measured = report.measuredOf(report.checked.fits.filter(({ fit }) => isAsked.has(fitKeyOf(fit.slot.ref))));
  const asking = new Set(
    measured.filter((checked) => asksOf(checked).length > 0).map(({ fit }) => fitKeyOf(fit.slot.ref)),
  );
  const open = [...asked].map((at, i) => ({
    no: firstNo + i,
    ...openPieces(presentOrThrow(passes[at], 'a planned pass'), released, ({ slot }) => asking.has(fitKeyOf(slot.ref))),
  }));
  return { plan: nameOfPlan(plan), passes: open };
}

function patchOnBed(
  { materialId, isReversed, placed, x, y, w, h, usedShare, inkShare }: PlannedPatch,
  withOutlines: boolean,
) {
  return {
    materialId,
    isReversed,
    xMm: um10ToMm(x),
    yMm: um10ToMm(y),
    widthMm: um10ToMm(w),
    heightMm: um10ToMm(h),
    usedShare,
    inkShare,
    pieces: placed.map((one) => {
      const { piece, attempt, turnDeg } = one;
      const lying = { x: one.x, y: one.y, turnDeg, reversed: isReversed };
      return {
        pieceId: piece.id,
        attempt,
        text: piece.text,
        xMm: um10ToMm(one.x),
        yMm: um10ToMm(one.y),
        widthMm: um10ToMm(boxWidth(piece.box)),
        heightMm: um10ToMm(boxHeight(piece.box)),
        turnDeg,
        path: withOutlines ? pathData(outlineOnBed(piece.outline, lying)) : null,
        linesPath: withOutlines
          ? piece.lines.map(({ rings }) => linesPath(outlineOnBed(rings, lying, piece.outline))).join('')
          : null,
      };
    }),
  } satisfies PatchOnBed;
}

export function numStopped({ checked }: RunReport): number {
  return checked.fits.filter(({ findings }) => hasStop(findings)).length;
}
