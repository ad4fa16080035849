/** What is printed of a step: its list in full, under the run's name and the day. */
export { PrintButton } from './print-button';
export { PrintHead } from './print-head';
export { PrintTable } from './print-table';
export { usePrint } from './use-print';
