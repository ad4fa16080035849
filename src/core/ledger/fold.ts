import { assertNever } from '../outcome';
import type { PieceStage } from '../shop';
import { layerKeyOf, readPieceId } from '../spec';
import type { Act, Deed } from './act';
import { ByAttempt, type ReadonlyByAttempt } from './attempts';
import { layerKeyOfPiece } from './deed-refs';
import { actsInForce } from './undo';

/** What the ledger comes to: asked through the functions below, which know what absence means. */
export interface LedgerState {
  /** Why cuttings were spoiled. */
  readonly spoiled: ReadonlyByAttempt<string>;
  readonly cut: ReadonlyByAttempt<true>;
  readonly weeded: ReadonlyByAttempt<true>;
  /** Layers bonded from the front, as `item-place-layer`. */
  readonly bonded: ReadonlySet<string>;
  readonly checked: ReadonlySet<string>;
  readonly packed: ReadonlySet<string>;
}

interface Folding {
  spoiled: ByAttempt<string>;
  cut: ByAttempt<true>;
  weeded: ByAttempt<true>;
  bonded: Set<string>;
  checked: Set<string>;
  packed: Set<string>;
}

/** Folds a whole ledger, undone acts left out. One pass over the deeds. */
export function foldActs(acts: readonly Act[]): LedgerState {
  const state: Folding = {
    spoiled: new ByAttempt(),
    cut: new ByAttempt(),
    weeded: new ByAttempt(),
    bonded: new Set(),
    checked: new Set(),
    packed: new Set(),
  };
  for (const act of actsInForce(acts)) for (const deed of act.deeds) applyInPlace(state, deed);
  return state;
}

function applyInPlace(state: Folding, deed: Deed): void {
  switch (deed.kind) {
    case 'cut':
      state.cut.set(deed.pieceId, deed.attempt, true);
      break;
    case 'weeded':
      state.weeded.set(deed.pieceId, deed.attempt, true);
      break;
    case 'bonded':
      if (deed.face === 'back') break;
      for (const layerId of deed.layerIds) state.bonded.add(layerKeyOf(deed.itemId, deed.placeId, layerId));
      break;
    case 'checked':
      state.checked.add(deed.itemId);
      break;
    case 'packed':
      state.packed.add(deed.itemId);
      break;
    case 'spoiled':
      for (const { pieceId, attempt } of deed.pieces) spoilInPlace(state, pieceId, attempt, deed.reason);
      break;
    case 'undone':
      break;
    default:
      assertNever(deed);
  }
}

/** A spoiled piece takes its layer's bond with it, and the item is neither checked nor packed any more. */
function spoilInPlace(state: Folding, pieceId: string, attempt: number, reason: string): void {
  // Spoiling the same cutting twice (two stations saw it) must not cost a second recut.
  if (state.spoiled.has(pieceId, attempt)) return;
  state.spoiled.set(pieceId, attempt, reason);
  state.bonded.delete(layerKeyOfPiece(pieceId));
  const itemId = readPieceId(pieceId)?.itemId;
  if (itemId === undefined) return;
  state.checked.delete(itemId);
  state.packed.delete(itemId);
}

/** Which cutting of a piece counts now: the first that was not spoiled. */
export function currentAttempt(state: LedgerState, pieceId: string): number {
  let attempt = 1;
  while (state.spoiled.has(pieceId, attempt)) attempt++;
  return attempt;
}

/** How far the current cutting of a piece is; a later stage includes the earlier ones. Null: not cut yet. */
export function pieceStage(state: LedgerState, pieceId: string): PieceStage | null {
  const attempt = currentAttempt(state, pieceId);
  if (state.bonded.has(layerKeyOfPiece(pieceId))) return 'bonded';
  if (state.weeded.has(pieceId, attempt)) return 'weeded';
  return state.cut.has(pieceId, attempt) ? 'cut' : null;
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
