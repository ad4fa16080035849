/**
 * Fit: every text of a run, sized by the rule of its group and set in its place, with measures and findings.
 * Letters come from lettering, places from place; which film a fit is cut from is decided in pieces.
 */
export { type Fit, type FitReport, fitRun } from './fit-run';
export { type Measures, type MeasuredSpot, finestOf, measureFindings, measureText } from './fit-measures';
export { isTooLong, numCharacters } from './text-findings';
export { type FitNumbers, fitNumbers } from './fit-numbers';
export { type FitSlot, fitSlots } from './fit-slots';
export { type LetterJob, type TextCache, jobOfSlot, letterJobKey, letterJobs, textCache } from './text-cache';
export { type RemedyOffer, remediesFor, remedyOffer } from './remedies';
export { type SetSize, type TextCost } from './size-set';
export { letterFindings } from './letter-findings';
export { openAndLooked } from './looked-findings';
export { type OutlineFacts, outlineFacts } from './outline-facts';
export { placedOutline, inkOutline } from './placed-outline';
