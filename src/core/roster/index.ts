/**
 * The roster: pasted text → entries, a later paste laid over entries that already exist, and entries edited one by one.
 * What an entry then says on an item is wording's business.
 */
export {
  type ListLine,
  type ListProblem,
  type ParsedList,
  type Reading,
  MAX_ENTRIES,
  parseList,
  readQuantity,
} from './parse-list';
export { entriesFromList, mergeList } from './merge-list';
export { addEntry, changeField, changeQuantity, listText, ownColumns, putBack, takeOut } from './edit-entries';
