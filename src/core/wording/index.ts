/**
 * Wording: entry × place → the lines that the place says, with what keeps them from being right. How they look is
 * lettering's business.
 */
export { entryParts } from './entry-parts';
export { type TemplatePart, type Token, dateFormOf, templateParts } from './tokens';
export { type Worded, type WordedLine, numberOf, people, wordEntry } from './word-entry';
export { type SpreadText, spreadLetters } from './spread-letters';
export {
  type ProofRow,
  type ProofTally,
  type Reworded,
  proofRows,
  proofTally,
  rewordedTexts,
  tickRows,
  untickRows,
} from './proof-rows';
export { type ProofState, lookOf, proofStateOf } from './proof-state';
export { type Oddity, oddities } from './oddities';
