import { PIECE_STAGES, type PieceStage } from '../shop';
import { type LedgerState, type PressedAgain, currentAttempt, itemMarks, stageOfCutting } from './fold';

/** How far an item is: as far as the piece that is least far, then checked, then packed. */
export const ITEM_STAGES = ['open', ...PIECE_STAGES, 'checked', 'packed'] as const;
export type ItemStage = (typeof ITEM_STAGES)[number];

export interface ItemWork {
  readonly itemId: string;
  readonly stage: ItemStage;
  /** Blanks that went with what was spoiled on it. */
  readonly numLost: number;
  readonly pieces: readonly {
    readonly pieceId: string;
    readonly attempt: number;
    readonly stage: PieceStage | null;
    /** Why the cutting before this one was lost; null for a first cutting. */
    readonly spoiledFor: string | null;
    /** Pressed once more since it did not hold; null where it held at once. */
    readonly again: PressedAgain | null;
  }[];
}

const INDEX = Object.fromEntries(ITEM_STAGES.map((stage, i) => [stage, i])) as Readonly<Record<ItemStage, number>>;

/** The place of a stage in the order of work, from 0 for an item that nothing was done to. */
export function itemStageIndex(stage: ItemStage): number {
  return INDEX[stage];
}

/**
 * What the ledger says of one item with these pieces. An item without pieces is open. `hasStage` says which stages a piece goes through:
 * what is bought ready-made is never weeded, so that it is open again when it did not hold.
 */
export function itemWork(
  state: LedgerState,
  itemId: string,
  pieceIds: readonly string[],
  hasStage: (stage: PieceStage, at: number) => boolean = () => true,
): ItemWork {
  const pieces = pieceIds.map((pieceId, i) => {
    const attempt = currentAttempt(state, pieceId);
    const stage = stageOfCutting(state, pieceId, attempt);
    return {
      pieceId,
      attempt,
      stage: stage !== null && hasStage(stage, i) ? stage : null,
      spoiledFor: state.spoiled.get(pieceId, attempt - 1) ?? null,
      again: (state.again.size > 0 && state.again.get(pieceId, attempt)) || null,
    };
  });
  const { isChecked, isPacked } = itemMarks(state, itemId);
  const stage = isPacked ? 'packed' : isChecked ? 'checked' : leastStage(pieces.map((piece) => piece.stage ?? 'open'));
  return { itemId, stage, numLost: state.lost.get(itemId) ?? 0, pieces };
}

/** The stage of what is least far; open without any. */
export function leastStage(stages: readonly ItemStage[]): ItemStage {
  return ITEM_STAGES[Math.min(...stages.map(itemStageIndex))] ?? 'open';
}

/** How many items have come at least so far; `recuts` counts pieces that were spoiled and are not cut again yet. */
export interface Tally {
  readonly items: number;
  readonly cut: number;
  readonly weeded: number;
  readonly bonded: number;
  readonly checked: number;
  readonly packed: number;
  readonly recuts: number;
}

export function tallyOf(items: readonly ItemWork[]): Tally {
  const numAt = ITEM_STAGES.map(() => 0);
  let recuts = 0;
  for (const { stage, pieces } of items) {
    const at = itemStageIndex(stage);
    numAt[at] = (numAt[at] ?? 0) + 1;
    // What was checked or packed was cut again on the way, whether that was marked or not.
    if (at >= itemStageIndex('checked')) continue;
    for (const piece of pieces) if (piece.attempt > 1 && piece.stage === null) recuts++;
  }
  const reached = (stage: ItemStage) => numAt.slice(itemStageIndex(stage)).reduce((sum, num) => sum + num, 0);
  return {
    items: items.length,
    cut: reached('cut'),
    weeded: reached('weeded'),
    bonded: reached('bonded'),
    checked: reached('checked'),
    packed: reached('packed'),
    recuts,
  };
}
