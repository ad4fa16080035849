/**
 * The roster: pasted text → entries, and a later paste laid over entries that already exist.
 * What an entry then says on an item is wording's business.
 */
export { type ListLine, type ListProblem, MAX_ENTRIES, parseList } from './parse-list';
export { entriesFromList, mergeList } from './merge-list';
