/**
 * The roster: lines → entries, a later list laid over entries that already exist, entries edited one by one, and the
 * questions that a list asks, each with its remedies. What an entry then says on an item is wording's business.
 */
export {
  type ListProblem,
  type ParsedList,
  type PastedList,
  type Reading,
  MAX_ENTRIES,
  countProblem,
  parseList,
  readPasted,
} from './parse-list';
export { type LineFate, type ListComparison, compareList } from './compare-list';
export { entriesFromList, takeComparison } from './merge-list';
export {
  addEntry,
  changeField,
  changeParts,
  changeQuantity,
  columnsBesideText,
  ownColumns,
  putBack,
  takeOut,
} from './edit-entries';
export { type RosterView, WHOLE_ROSTER, entriesShown, isWholeRoster } from './entries-shown';
export { type ListQuestion, type QuestionCase, type QuestionKind, listQuestions } from './list-questions';
export { type AnswerId, answerQuestion, answersOf, isForColumn } from './answers';
export { type RosterSheet, listText, rosterSheet } from './roster-sheet';
