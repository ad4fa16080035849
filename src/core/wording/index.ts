/** Wording: entry × place → the lines of text that the place says. How they look is lettering's business. */
export { wordingLines } from './wording-lines';
