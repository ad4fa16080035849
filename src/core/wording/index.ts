/**
 * Wording: entry × place → the lines that the place says, run by run, with what keeps them from being right; capitals and capital
 * initials by our own rules. How they are drawn is artwork's business.
 */
export { applyCase } from './case-form';
export { entryParts, people } from './entry-parts';
export { type TemplatePart, type Token, dateFormOf, templateParts } from './tokens';
export { type WordedLine, type WordedRun, lettersOf, lineInCase, lineOf } from './worded-line';
export { type LineLetter, lineLetters } from './graphemes';
export { withOwnLetters } from './own-letters';
export { type TextLetter, textLetters } from './text-letters';
export { type Worded, numberOf, wordEntry } from './word-entry';
export { type SpreadText, spreadLetters } from './spread-letters';
export { type ProofRow, type ProofTally, proofRows, proofTally, tickRows, untickRows } from './proof-rows';
export { type ProofState, lookOf, proofStateOf } from './proof-state';
export { type Oddity, oddities } from './oddities';
