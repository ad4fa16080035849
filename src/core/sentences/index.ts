/** Findings in words, for screens and paper alike: what is wrong, and what to do. */
export { findingSentence, findingWords } from './finding-sentence';
