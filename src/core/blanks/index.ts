/**
 * Blanks as the shop keeps them and a run takes them: the starter catalogue, changes of a blank, taking one into a run,
 * counting what is needed, and giving blanks that carry a mark to those whom it fits. Measures are worked out in place.
 */
export { STARTER_BLANKS } from './starter-catalogue';
export {
  type BlankCount,
  type BlankDemand,
  type CountedBlanks,
  type ShopBlank,
  blankKey,
  countBlanks,
  numUncounted,
  packsToBuy,
} from './count-blanks';
export { type MarkMatch, type MarkTaker, type MarkedBlank, matchMarks } from './match-marks';
export { type BlankPreparation, preparationList } from './preparation-list';
export { type Beginning, beginOn } from './begin-on';
export { type BlankCopy, addBlank, changeRunBlank, putBlankCopy, removeUse, replaceBlank } from './take-blank';
export { addPlace, addVariant, changeFabric, changeRole, removePlace, removeVariant } from './change-blank';
export { isCutHere } from './cut-here';
