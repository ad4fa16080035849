/**
 * Checks: fits → what is to be said of them, and whether it was let stand. Findings hold facts and name the layer, line and run that
 * they speak of; what would help belongs to remedies.
 */
export {
  type CheckedFit,
  type CheckedReport,
  checkReport,
  checkedReport,
  findingsOf,
  measureFit,
  measuredReport,
} from './check-fits';
export { LEAST_BORDER_SHARE, borderFindings } from './border-findings';
export { measureLayer, measurings } from './measure-layer';
export { type MeasuredFit, measureFindings } from './measure-findings';
export { fitNumbers } from './fit-numbers';
export { letterFindings } from './letter-findings';
export { strokeFindings, strokesOf } from './stroke-findings';
export { openAndLooked } from './looked-findings';
