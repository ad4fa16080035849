/**
 * Lettering: text × face → one joined outline without a size yet, with what the face could not draw.
 * Sizing and placing belong to fit; what the text is, to wording.
 */
export { type LetteredText, type LetterStyle, letterText } from './letter-text';
