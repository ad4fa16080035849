/**
 * Lettering: text × face → one joined outline without a size yet, with what the face could not draw; capitals and capital
 * initials by our own rules. Sizing and placing belong to fit; what the text is, to wording.
 */
export { applyCase } from './case-form';
export {
  type LetteredText,
  type LetterLine,
  type LetterStyle,
  type PlacedLetter,
  letterLines,
  letterText,
  placedLetters,
} from './letter-text';
export { stretchText } from './stretch-text';
export { type NearLetters, nearestLetters } from './nearest-letters';
export { lowFigures } from './low-figures';
