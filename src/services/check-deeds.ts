import { type Act, type Deed, type LedgerState, currentAttempt, foldActs } from '@/core/ledger';
import { pieceNames } from '@/core/pieces';
import { type RunSpec, findMaterial, layerKeyOf, readPieceId } from '@/core/spec';
import { isCut, processOf } from '@/core/shop';
import { type MadePass, attemptKey, madeAttempts } from '@/core/sheets';
import type { ServiceProblem } from './problem';

export type CheckedDeeds =
  | { readonly kind: 'fine' }
  /** These pieces are marked, but their cutting lies in no made pass yet. */
  | { readonly kind: 'needsPass'; readonly notMade: readonly string[] }
  | { readonly kind: 'refused'; readonly problem: ServiceProblem };

interface Known {
  /** Pieces that no pass cuts: their work begins with bonding. */
  readonly readyMade: ReadonlySet<string>;
  readonly pieceIds: ReadonlySet<string>;
  readonly passIds: ReadonlySet<string>;
  readonly actIds: ReadonlySet<string>;
  readonly state: LedgerState;
}

/** Looks at every deed against the run: its targets exist, it speaks of the current cutting, and that lies in a made pass. */
export function checkDeeds(
  deeds: readonly Deed[],
  spec: RunSpec,
  passes: readonly MadePass[],
  acts: readonly Act[],
): CheckedDeeds {
  const made = madeAttempts(passes);
  const names = pieceNames(spec);
  const isReadyMade = (materialId: string) => !isCut(processOf(findMaterial(spec, materialId)));
  const known: Known = {
    readyMade: new Set(names.filter(({ materialId }) => isReadyMade(materialId)).map(({ id }) => id)),
    pieceIds: new Set([
      ...names.map(({ id }) => id),
      ...passes.flatMap(({ patches }) => patches.flatMap(({ placed }) => placed.map(({ pieceId }) => pieceId))),
    ]),
    passIds: new Set(passes.map(({ id }) => id)),
    actIds: new Set(acts.map(({ id }) => id)),
    state: foldActs(acts),
  };
  for (const deed of deeds) {
    const problem = problemOf(deed, known);
    if (problem) return { kind: 'refused', problem };
  }
  const notMade = deeds
    .flatMap((deed) => piecesMarked(deed, known))
    .filter((pieceId) => !known.readyMade.has(pieceId))
    .filter((pieceId) => !made.has(attemptKey(pieceId, currentAttempt(known.state, pieceId))));
  return notMade.length === 0 ? { kind: 'fine' } : { kind: 'needsPass', notMade: [...new Set(notMade)] };
}

function problemOf(deed: Deed, known: Known): ServiceProblem | null {
  switch (deed.kind) {
    case 'cut':
    case 'weeded':
      return pieceProblem(deed.pieceId, deed.attempt, known, false) ?? passProblem(deed.passId, known);
    case 'spoiled':
      for (const { pieceId, attempt } of deed.pieces) {
        const problem = pieceProblem(pieceId, attempt, known, true);
        if (problem) return problem;
      }
      return null;
    case 'undone':
      return known.actIds.has(deed.actId) ? null : { kind: 'unknownTarget', what: 'act', id: deed.actId };
    default:
      return piecesMarked(deed, known).length > 0 ? null : { kind: 'unknownTarget', what: 'item', id: deed.itemId };
  }
}

/** Another station may have spoiled the same cutting a moment ago: saying so again is a repeat, not a mistake. */
function pieceProblem(pieceId: string, attempt: number, known: Known, mayBePast: boolean): ServiceProblem | null {
  if (!known.pieceIds.has(pieceId)) return { kind: 'unknownTarget', what: 'piece', id: pieceId };
  const current = currentAttempt(known.state, pieceId);
  if (attempt === current || (mayBePast && attempt < current)) return null;
  return { kind: 'notTheCurrentCutting', pieceId, attempt, current };
}

function passProblem(passId: string | null, known: Known): ServiceProblem | null {
  return passId === null || known.passIds.has(passId) ? null : { kind: 'unknownTarget', what: 'pass', id: passId };
}

/** The pieces that a deed says were in hand: they have been cut, whatever it marks. */
function piecesMarked(deed: Deed, { pieceIds, state }: Known): string[] {
  switch (deed.kind) {
    case 'cut':
    case 'weeded':
      return [deed.pieceId];
    case 'spoiled':
      // A cutting that was spoiled before is past; asking for the pass of its successor would make it too early.
      return deed.pieces
        .filter(({ pieceId, attempt }) => attempt === currentAttempt(state, pieceId))
        .map(({ pieceId }) => pieceId);
    case 'bonded': {
      const keys = deed.layerIds.map((layerId) => `${layerKeyOf(deed.itemId, deed.placeId, layerId)}-`);
      return [...pieceIds].filter((id) => keys.some((key) => id.startsWith(key)));
    }
    case 'checked':
    case 'packed':
      return [...pieceIds].filter((id) => readPieceId(id)?.itemId === deed.itemId);
    default:
      return [];
  }
}
