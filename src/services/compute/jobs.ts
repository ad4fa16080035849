import { type Fit, type FitReport, type FitSlot, fitNumbers, fitRun, placedOutline, textCache } from '@/core/fit';
import { loadFace, type Face } from '@/core/faces';
import { hasStop } from '@/core/finding';
import { boxHeight, boxWidth, outlineToNumbers } from '@/core/geometry';
import { presentOrThrow } from '@/core/outcome';
import type { Piece } from '@/core/pieces';
import {
  type FrozenRelease,
  type ReleaseChange,
  type ReleasedOutline,
  changesSince,
  freezeRelease,
  releasedPieces,
} from '@/core/release';
import type { RandomBytes } from '@/core/ids';
import { type RunSpec, findMaterial } from '@/core/spec';
import { isCut, processOf } from '@/core/shop';
import { placeAt } from '@/core/edit';
import { type PassPlan, attemptKey, freezePass, outlineOnBed, pageOf, planPasses } from '@/core/sheets';
import { pathData } from '@/core/cutfile';
import { um10ToMm } from '@/core/units';
import { proofPdf } from '../documents/proof-pdf';
import { templatePdf } from '../documents/template-pdf';
import type { FitsAnswer, PlanAnswer } from './answers';
import type {
  ChangesRequest,
  CutSoFar,
  FreezeAnswer,
  FreezeRequest,
  PlanRequest,
  ProofRequest,
  ReleaseRequest,
  TemplateRequest,
} from './compute';

/** The jobs themselves: plain functions of their request and the faces, run in a thread by the server. */
export interface Jobs {
  fits(spec: RunSpec, withOutlines: boolean): FitsAnswer;
  plan(request: PlanRequest): PlanAnswer;
  freezeNext(request: FreezeRequest): FreezeAnswer;
  freezeRelease(request: ReleaseRequest): FrozenRelease;
  changesSince(request: ChangesRequest): readonly ReleaseChange[];
  proofPdf(request: ProofRequest): Promise<Uint8Array>;
  templatePdf(request: TemplateRequest): Promise<Uint8Array>;
}

/** `readFace` answers the bytes of a face's file by hash. Drawn texts are kept from one job to the next. */
export function createJobs(readFace: (sha: string) => Uint8Array): Jobs {
  const faces = new Map<string, Face>();
  const cache = textCache((sha) => {
    const known = faces.get(sha);
    if (known) return known;
    const loaded = loadFace(readFace(sha));
    if (!loaded.ok) throw new Error(`face ${sha}: ${loaded.problem.kind}`);
    faces.set(sha, loaded.value);
    return loaded.value;
  });
  return {
    fits: (spec, withOutlines) => fitsAnswer(fitRun(spec, cache), withOutlines),
    plan: (request) => planAnswer(request, fitRun(request.spec, cache)),
    freezeNext: (request) => freezeNext(request, fitRun(request.spec, cache)),
    freezeRelease: ({ spec, head }) => freezeRelease(spec, fitRun(spec, cache).fits, head),
    changesSince: ({ spec, release }) => changesSince(spec, fitRun(spec, cache).fits, release),
    proofPdf: ({ spec, today }) => proofPdf({ spec, fits: fitRun(spec, cache).fits, today }),
    templatePdf: (request) => templateOf(request, fitRun(request.spec, cache)),
  };
}

function fitsAnswer({ fits, setSizes }: FitReport, withOutlines: boolean): FitsAnswer {
  return {
    setSizes,
    fits: fits.map((fit) => ({
      ...fitNumbers(fit),
      outline: withOutlines ? outlineToNumbers(placedOutline(fit)) : null,
    })),
  };
}

/** The template of the wished entry, on the size and colour that it gets; without one, of the widest text that may be cut. */
function templateOf({ spec, wish, today }: TemplateRequest, { fits }: FitReport): Promise<Uint8Array> {
  const { useId, placeId, entryId, paper } = wish;
  const here = fits.filter(({ slot }) => slot.ref.useId === useId && slot.ref.placeId === placeId);
  const fit =
    entryId === null
      ? here
          .filter(({ findings }) => !hasStop(findings))
          .reduce<Fit | null>((widest, one) => (!widest || one.inkWidthMm > widest.inkWidthMm ? one : widest), null)
      : (here.find(({ slot }) => slot.entry.id === entryId) ?? null);
  const place = placeAt(spec, { useId, placeId, variantId: fit?.slot.variant?.id ?? null });
  return templatePdf({ spec, place, fit, paper, today });
}

function planOf(
  spec: RunSpec,
  report: FitReport,
  { made, attempts }: CutSoFar,
  released: readonly ReleasedOutline[],
): PassPlan {
  const isMade = new Set(made);
  const heldBack = new Set<string>(spec.layout.heldBack);
  const wanted = releasedPieces(spec, report.fits, released)
    .map((piece) => ({ piece, attempt: attempts[piece.id] ?? 1 }))
    .filter(({ piece, attempt }) => !isMade.has(attemptKey(piece.id, attempt)) && isCutHere(spec, piece, heldBack));
  return planPasses(spec, wanted);
}

/** Ready-made pieces are not cut, and entries that are held back wait for a later pass. */
function isCutHere(spec: RunSpec, { materialId, slot }: Piece, heldBack: ReadonlySet<string>): boolean {
  return isCut(processOf(findMaterial(spec, materialId))) && !heldBack.has(slot.entry.id);
}

function planAnswer({ spec, cutSoFar, released, firstNo, withOutlines }: PlanRequest, report: FitReport): PlanAnswer {
  const { passes, unplaced } = planOf(spec, report, cutSoFar, released);
  return {
    passes: passes.map((pass, i) => ({
      no: firstNo + i,
      materialId: pass.materialId,
      isReversed: pass.isReversed,
      bed: pageOf(spec, pass),
      patchWidthMm: um10ToMm(pass.patchWidth),
      patchHeightMm: um10ToMm(pass.patchHeight),
      usedShare: pass.usedShare,
      pieces: pass.placed.map(({ piece, attempt, x, y, turnDeg }) => ({
        pieceId: piece.id,
        attempt,
        text: piece.text,
        xMm: um10ToMm(x),
        yMm: um10ToMm(y),
        widthMm: um10ToMm(boxWidth(piece.box)),
        heightMm: um10ToMm(boxHeight(piece.box)),
        turnDeg,
        path: withOutlines ? pathData(outlineOnBed(piece.outline, { x, y, turnDeg, reversed: pass.isReversed })) : null,
      })),
    })),
    unplaced: unplaced.map(({ piece, attempt, pieceWidthMm, pieceHeightMm, roomWidthMm, roomHeightMm }) => ({
      pieceId: piece.id,
      attempt,
      text: piece.text,
      reason: { kind: 'largerThanBed', pieceWidthMm, pieceHeightMm, roomWidthMm, roomHeightMm },
    })),
    stopped: report.fits
      .filter(({ slot, findings }) => hasStop(findings) && !isReleased(slot, released))
      .map(({ slot, findings }) => ({ itemId: slot.itemId, text: slot.text, findings })),
  };
}

/** What was released is cut whatever is wrong with it now. */
function isReleased({ itemId, place }: FitSlot, released: readonly ReleasedOutline[]): boolean {
  return released.some(({ pieceId }) => pieceId.startsWith(`${itemId}-${place.placeId}-`));
}

function freezeNext(request: FreezeRequest, report: FitReport): FreezeAnswer {
  const { spec, cutSoFar, released, pieceId, passId, no, version, bytes } = request;
  const plan = planOf(spec, report, cutSoFar, released);
  const next = plan.passes.find(({ placed }) => pieceId === null || placed.some(({ piece }) => piece.id === pieceId));
  if (!next) {
    const numStopped = report.fits.filter(({ findings }) => hasStop(findings)).length;
    return { kind: 'nothingToMake', numStopped, numTooLarge: plan.unplaced.length };
  }
  return { kind: 'frozen', frozen: freezePass(spec, next, { passId, no, version }, bytesFrom(bytes)) };
}

/** Hands out given bytes in turn; asking for more than there are is a bug. */
function bytesFrom(bytes: Uint8Array): RandomBytes {
  let used = 0;
  return (count) => {
    used += count;
    return presentOrThrow(used <= bytes.length ? bytes.subarray(used - count, used) : null, 'random bytes');
  };
}
