/**
 * Figures: what a fit comes to as plain values that cross from thread to thread, and the folds over them that screens share: what is
 * open, how many have to be decided, what all layers come to. Opens no engine, so that pages may read it.
 */
export { type FitNumbers, type LayerNumbers, factsOf, layerWord } from './fit-numbers';
export { type MeasuredSpot, type Measures } from './measures';
export { type Measured, withMeasured } from './with-measured';
export { type MeasuredOf, type ShownMeasure, awaitsMeasure, oneGap, saidBeside, shownMeasures } from './shown-measures';
export { firstCopy, wordsAsCut } from './first-copy';
export { longestFit } from './longest-fit';
export { monogramsOf } from './monograms-of';
export { tellingTexts, tellingWithYear } from './telling-texts';
export { lookedWord } from './looked-word';
export { asksOf, countDecisions, findingsByEntry, gravestFirst, isOpen, nameOfFit, whoseElse } from './decisions';
export { outlinesOf } from './outlines-of';
