/**
 * The ledger: acts as they are recorded, and what follows from them. Stage, recuts and tallies are folds over the list;
 * nothing is ever rewritten. Knows ids and stages only: no texts, no shapes, no materials.
 */
export {
  type Act,
  type Deed,
  type NewAct,
  actSchema,
  newActSchema,
  sentActSchema,
  AGAIN_REASONS,
  type AgainReason,
  SPOIL_REASONS,
} from './act';
export {
  type LedgerState,
  type ItemMark,
  type PressedAgain,
  currentAttempt,
  foldActs,
  foldFurther,
  isMarked,
  itemMarks,
  pieceStage,
} from './fold';
export { actsInForce, lastDeedOf, type Undoable } from './undo';
export { type NextOfRun, nextOfRun } from './next-of-run';
export { type Effect, effectsOf, itemIdOfEffect, pieceIdOfBond } from './effects';
export { entryIdsNamed, itemIdsTouched, passIdsTouched } from './deed-refs';
export {
  ITEM_STAGES,
  type ItemStage,
  type ItemWork,
  type Tally,
  itemStageIndex,
  itemWork,
  leastStage,
  tallyOf,
} from './item-work';
