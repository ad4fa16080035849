import { type MadePass, attemptKey, madeAttempts, placedIn } from '@/core/freeze';
import { type Deed, type Effect, type LedgerState, currentAttempt, effectsOf, pieceIdOfBond } from '@/core/ledger';
import { assertNever } from '@/core/outcome';
import { type PieceName, pieceNames } from '@/core/pieces';
import { resolveSlots } from '@/core/resolve';
import { isCut, processOf } from '@/core/shop';
import { type RunSpec, readPieceId } from '@/core/spec';
import { marksOn } from './pass-changes';
import type { ServiceProblem } from './problem';
import type { RunWork } from './work';

export type CheckedDeeds =
  | { readonly kind: 'fine' }
  /** These pieces are marked, but their cutting lies in no made pass yet. */
  | { readonly kind: 'needsPass'; readonly notMade: readonly string[] }
  | { readonly kind: 'refused'; readonly problem: ServiceProblem };

interface Known {
  /** Pieces that no pass cuts: their work begins with bonding. */
  readonly readyMade: ReadonlySet<string>;
  readonly pieceIds: ReadonlySet<string>;
  /** What a piece says, also one that only a pass has. */
  readonly textOf: (pieceId: string) => string;
  readonly byItem: ReadonlyMap<string, readonly string[]>;
  /** Of those that count. */
  readonly passIds: ReadonlySet<string>;
  readonly work: RunWork;
  readonly state: LedgerState;
  readonly answers: ActAnswers;
  readonly filesTaken: ReadonlySet<number>;
}

/** What the sender of an act has answered beforehand to questions that it may raise. */
export interface ActAnswers {
  /** Passes that it needs may be made. */
  readonly mayMake: boolean;
  /** A pass that it unmakes was not cut, though its file was taken. */
  readonly notCut: boolean;
  /** Name of the plan in which those passes were asked about; null: whichever stands. */
  readonly plan?: string | null;
}

/** Looks at every deed against the run: its targets exist, it speaks of the current cutting, and that lies in a made pass. */
export function checkDeeds(
  deeds: readonly Deed[],
  spec: RunSpec,
  work: RunWork,
  asked: Pick<Known, 'answers' | 'filesTaken'>,
): CheckedDeeds {
  const made = madeAttempts(work.passes);
  const known = { ...knownOf(pieceNames(resolveSlots(spec)), work), ...asked };
  const marked: string[] = [];
  for (const deed of deeds) {
    const effects = effectsOf(deed);
    const problem =
      effects.map((effect) => problemOf(effect, known)).find((one) => one !== null) ?? passProblem(deed, known);
    if (problem) return { kind: 'refused', problem };
    for (const effect of effects) marked.push(...piecesMarked(effect, known));
  }
  const notMade = marked
    .filter((pieceId) => !known.readyMade.has(pieceId))
    .filter((pieceId) => !made.has(attemptKey(pieceId, currentAttempt(known.state, pieceId))));
  return notMade.length === 0 ? { kind: 'fine' } : { kind: 'needsPass', notMade: [...new Set(notMade)] };
}

type Pieces = Pick<Known, 'readyMade' | 'textOf' | 'pieceIds' | 'byItem' | 'passIds'>;

/** By the pieces of a run and its passes in force, which stay the same objects while nothing of them changes. */
const keptPieces = new WeakMap<
  readonly PieceName[],
  { readonly passes: readonly MadePass[]; readonly pieces: Pieces }
>();

function knownOf(names: readonly PieceName[], work: RunWork): Omit<Known, 'answers' | 'filesTaken'> {
  const earlier = keptPieces.get(names);
  const pieces = earlier?.passes === work.passes ? earlier.pieces : piecesOf(names, work.passes);
  keptPieces.set(names, { passes: work.passes, pieces });
  return { ...pieces, work, state: work.state };
}

function piecesOf(names: readonly PieceName[], passes: readonly MadePass[]): Pieces {
  const isReadyMade = ({ layer }: PieceName) => !isCut(processOf(layer.material));
  const pieceIds = new Set(names.map(({ id }) => id));
  for (const pass of passes) for (const { placed } of placedIn(pass)) pieceIds.add(placed.pieceId);
  const byItem = new Map<string, string[]>();
  for (const id of pieceIds) {
    const parts = readPieceId(id);
    if (!parts) continue;
    listAt(byItem, parts.itemId).push(id);
  }
  return {
    readyMade: new Set(names.filter(isReadyMade).map(({ id }) => id)),
    pieceIds,
    byItem,
    passIds: new Set(passes.map(({ id }) => id)),
    textOf: (pieceId) => textOfPiece(pieceId, names, passes),
  };
}

function textOfPiece(pieceId: string, names: readonly PieceName[], passes: readonly MadePass[]): string {
  const slot = names.find(({ id }) => id === pieceId)?.slot;
  const placed = passes.flatMap((pass) => [...placedIn(pass)]).find((at) => at.placed.pieceId === pieceId)?.placed;
  return (slot?.text ?? placed?.text ?? []).join(' ');
}

function listAt(lists: Map<string, string[]>, key: string): string[] {
  const found = lists.get(key) ?? [];
  lists.set(key, found);
  return found;
}

function problemOf(effect: Effect, known: Known): ServiceProblem | null {
  switch (effect.kind) {
    case 'reach':
      return pieceProblem(effect.pieceId, effect.attempt, known, false);
    case 'spoil':
      return pieceProblem(effect.pieceId, effect.attempt, known, true);
    case 'bond':
    case 'repress': {
      const pieceId = pieceIdOfBond(effect);
      if (!known.pieceIds.has(pieceId)) return { kind: 'unknownTarget', what: 'item', id: effect.itemId };
      return effect.attempt === null ? null : pieceProblem(pieceId, effect.attempt, known, false);
    }
    case 'lose':
    case 'mark':
      return known.byItem.has(effect.itemId) ? null : { kind: 'unknownTarget', what: 'item', id: effect.itemId };
    case 'unmake':
      return unmakingProblem(effect.passId, known);
    case 'undo':
      return known.work.acts.some(({ id }) => id === effect.actId)
        ? null
        : { kind: 'unknownTarget', what: 'act', id: effect.actId };
    default:
      return assertNever(effect);
  }
}

/** Another station may have spoiled the same cutting a moment ago: saying so again is a repeat, not a mistake. */
function pieceProblem(pieceId: string, attempt: number, known: Known, mayBePast: boolean): ServiceProblem | null {
  if (!known.pieceIds.has(pieceId)) return { kind: 'unknownTarget', what: 'piece', id: pieceId };
  const current = currentAttempt(known.state, pieceId);
  if (attempt === current || (mayBePast && attempt < current)) return null;
  return { kind: 'notTheCurrentCutting', pieceId, text: known.textOf(pieceId), attempt, current };
}

function passProblem(deed: Deed, known: Known): ServiceProblem | null {
  const passId = 'passId' in deed ? deed.passId : null;
  return passId === null ? null : goneProblem(passId, known);
}

function goneProblem(passId: string, { passIds, work }: Known): ServiceProblem | null {
  if (passIds.has(passId)) return null;
  const unmade = work.allPasses.find(({ id }) => id === passId);
  return unmade
    ? { kind: 'passUnmade', no: unmade.no, isFile: false }
    : { kind: 'unknownTarget', what: 'pass', id: passId };
}

/** A pass can be unmade until something of it is cut. */
function unmakingProblem(passId: string, known: Known): ServiceProblem | null {
  const pass = known.work.passes.find(({ id }) => id === passId);
  if (!pass) return goneProblem(passId, known);
  const texts = marksOn(pass, known);
  if (texts.length > 0) return { kind: 'passMarked', no: pass.no, texts };
  return known.filesTaken.has(pass.no) && !known.answers.notCut ? { kind: 'wasItCut', no: pass.no } : null;
}

/** The pieces that an effect says were in hand: they have been cut, whatever it marks. */
function piecesMarked(effect: Effect, { byItem, state }: Known): readonly string[] {
  switch (effect.kind) {
    case 'reach':
      return [effect.pieceId];
    case 'spoil':
      // A cutting that was spoiled before is past; asking for the pass of its successor would make it too early.
      return effect.attempt === currentAttempt(state, effect.pieceId) ? [effect.pieceId] : [];
    case 'bond':
    case 'repress':
      return [pieceIdOfBond(effect)];
    case 'mark':
      return byItem.get(effect.itemId) ?? [];
    // It goes with what was spoiled, which is told by itself.
    case 'lose':
    case 'unmake':
    case 'undo':
      return [];
    default:
      return assertNever(effect);
  }
}
