/**
 * Checks: fits → what is to be said of them, and whether it was let stand. Findings hold facts and name the layer, line and run that
 * they speak of; what would help belongs to remedies.
 */
export {
  type CheckedFit,
  type CheckedReport,
  type Measured,
  checkReport,
  checkedReport,
  findingsOf,
  measureFit,
  measuredReport,
  withMeasured,
} from './check-fits';
export { type MeasuredSpot, type Measures, measureLayer, measurings } from './measure-layer';
export { type MeasuredFit, measureFindings } from './measure-findings';
export { type FitNumbers, type LayerNumbers, factsOf, fitNumbers } from './fit-numbers';
export { letterFindings } from './letter-findings';
export { lookedWord, openAndLooked } from './looked-findings';
export { asksOf, countDecisions, gravestFirst, isOpen } from './decisions';
