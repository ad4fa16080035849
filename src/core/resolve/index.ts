/**
 * Resolve: from what a run decides to what each item gets. A slot has everything looked up once (entry, item, place as measured,
 * lines of runs with their faces, layers with their materials, size rule, exceptions); nothing after this room reads uses,
 * letterings or exceptions of a spec.
 */
export { type VariantMissing, chooseVariant } from './choose-variant';
export {
  type LetterStand,
  type OneSizeRule,
  type SlotGroup,
  type SetLine,
  type SetRun,
  type Slot,
  type SlotLayer,
  type SlotMotif,
  type SlotSetting,
  type LetterApart,
  isLayerEmpty,
  lettersApart,
} from './slot';
export { type Reset, resetSlot, resolveSlots } from './resolve-slots';
export { type LimitFault, MOST_ITEMS, MOST_TEXT, limitFaults, numItems } from './run-limits';
export { classGroupId, classOfSets } from './group-of';
export { UNPRINTABLE, isTooLong, numCharacters } from './text-limits';
export { type MadeText, type RewordedItem, rewordedItems } from './reworded-items';
export { type BlanksTaken, blanksOfUse, blanksTaken } from './blanks-taken';
