import type { PieceStage } from '../shop';
import { readPieceId } from '../spec';
import type { Act } from './act';
import { ByAttempt, type ReadonlyByAttempt } from './attempts';
import { layerKeyOfPiece } from './deed-refs';
import { type Effect, type EffectTaker, layerKeyOfBond, tellEffects } from './effects';
import { actsInForce } from './undo';

type Done = true;

/** How often a cutting was pressed once more, and for how many seconds in all, the first time not counted. */
export interface PressedAgain {
  readonly times: number;
  readonly seconds: number;
}

/** What the ledger comes to: asked through the functions below, which know what absence means. */
export interface LedgerState {
  /** Why cuttings were spoiled. */
  readonly spoiled: ReadonlyByAttempt<string>;
  readonly cut: ReadonlyByAttempt<Done>;
  readonly weeded: ReadonlyByAttempt<Done>;
  /** Cuttings of layers (`item-place-layer`) bonded from the front, and from the back. */
  readonly bonded: ReadonlyByAttempt<Done>;
  readonly bondedBack: ReadonlyByAttempt<Done>;
  /** Layers that did not hold at once, by cutting. */
  readonly again: ReadonlyByAttempt<PressedAgain>;
  readonly checked: ReadonlySet<string>;
  readonly packed: ReadonlySet<string>;
  /** Blanks that went with what was spoiled, by item. */
  readonly lost: ReadonlyMap<string, number>;
  /** Passes that were made and taken back: whatever lies in them is not made. */
  readonly unmade: ReadonlySet<string>;
}

interface Folding {
  spoiled: ByAttempt<string>;
  cut: ByAttempt<Done>;
  weeded: ByAttempt<Done>;
  bonded: ByAttempt<Done>;
  bondedBack: ByAttempt<Done>;
  again: ByAttempt<PressedAgain>;
  checked: Set<string>;
  packed: Set<string>;
  lost: Map<string, number>;
  unmade: Set<string>;
}

/** Folds a whole ledger, undone acts left out. One pass over the deeds. */
export function foldActs(acts: readonly Act[]): LedgerState {
  const state: Folding = {
    spoiled: new ByAttempt(),
    cut: new ByAttempt(),
    weeded: new ByAttempt(),
    bonded: new ByAttempt(),
    bondedBack: new ByAttempt(),
    again: new ByAttempt(),
    checked: new Set(),
    packed: new Set(),
    lost: new Map(),
    unmade: new Set(),
  };
  const taker = takerOf(state);
  for (const { deeds, unmade } of actsInForce(acts)) {
    for (const deed of deeds) tellEffects(deed, taker);
    for (const passId of unmade ?? []) state.unmade.add(passId);
  }
  return state;
}

function takerOf(state: Folding): EffectTaker {
  return {
    reach: (stage, pieceId, attempt) => state[stage].set(pieceId, attempt, true),
    bond: (bond) => {
      const key = layerKeyOfBond(bond);
      const attempt = bond.attempt ?? currentAttempt(state, firstPieceOf(key));
      state[bond.face === 'front' ? 'bonded' : 'bondedBack'].set(key, attempt, true);
    },
    repress: (again) => repressInPlace(state, again),
    mark: (mark, itemId) => state[mark].add(itemId),
    spoil: (pieceId, attempt, reason) => spoilInPlace(state, { pieceId, attempt, reason }),
    lose: (itemId) => state.lost.set(itemId, (state.lost.get(itemId) ?? 0) + 1),
    unmake: (passId) => state.unmade.add(passId),
    undo: () => {},
  };
}

/** A layer that is not split has one piece. */
function firstPieceOf(layerKey: string): string {
  return `${layerKey}-1`;
}

/** What does not hold is as far as before it was pressed, and its item neither checked nor packed. */
function repressInPlace(state: Folding, again: Omit<Extract<Effect, { kind: 'repress' }>, 'kind'>): void {
  const { attempt, itemId, seconds } = again;
  const key = layerKeyOfBond(again);
  const before = state.again.get(key, attempt) ?? { times: 0, seconds: 0 };
  state.again.set(key, attempt, { times: before.times + 1, seconds: before.seconds + seconds });
  // What lay in the press was weeded, whether that had been marked or not.
  state.weeded.set(firstPieceOf(key), attempt, true);
  state.bonded.delete(key, attempt);
  state.checked.delete(itemId);
  state.packed.delete(itemId);
}

/** The next cutting of a spoiled piece is not bonded, and its item is neither checked nor packed any more. */
function spoilInPlace(
  state: Folding,
  { pieceId, attempt, reason }: Omit<Extract<Effect, { kind: 'spoil' }>, 'kind'>,
): void {
  // Spoiling the same cutting twice (two stations saw it) must not cost a second recut.
  if (state.spoiled.has(pieceId, attempt)) return;
  state.spoiled.set(pieceId, attempt, reason);
  const itemId = readPieceId(pieceId)?.itemId;
  if (itemId === undefined) return;
  state.checked.delete(itemId);
  state.packed.delete(itemId);
}

/** Which cutting of a piece counts now: the first that was not spoiled. */
export function currentAttempt(state: Pick<LedgerState, 'spoiled'>, pieceId: string): number {
  let attempt = 1;
  while (state.spoiled.has(pieceId, attempt)) attempt++;
  return attempt;
}

/** How far the current cutting of a piece is; a later stage includes the earlier ones. Null: not cut yet. */
export function pieceStage(state: LedgerState, pieceId: string): PieceStage | null {
  const attempt = currentAttempt(state, pieceId);
  if (state.bonded.has(layerKeyOfPiece(pieceId), attempt)) return 'bonded';
  if (state.weeded.has(pieceId, attempt)) return 'weeded';
  return state.cut.has(pieceId, attempt) ? 'cut' : null;
}

/** Whether some mark in force says that this cutting was in hand: it was cut, weeded, bonded, lost, or its item checked or packed with it. */
export function isMarked(state: LedgerState, pieceId: string, attempt: number): boolean {
  const layer = layerKeyOfPiece(pieceId);
  if (state.spoiled.has(pieceId, attempt)) return true;
  if (state.cut.has(pieceId, attempt) || state.weeded.has(pieceId, attempt)) return true;
  if (state.bonded.has(layer, attempt) || state.bondedBack.has(layer, attempt)) return true;
  const itemId = readPieceId(pieceId)?.itemId ?? pieceId;
  return currentAttempt(state, pieceId) === attempt && itemMarks(state, itemId).isChecked;
}

export interface ItemMark {
  readonly isChecked: boolean;
  readonly isPacked: boolean;
}

/** Packed includes checked. */
export function itemMarks(state: LedgerState, itemId: string): ItemMark {
  const isPacked = state.packed.has(itemId);
  return { isChecked: isPacked || state.checked.has(itemId), isPacked };
}
