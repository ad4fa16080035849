/**
 * Reports: a run → its slots, its fits and what is to be said of them, computed once and kept by what they were made from. What every
 * other thread or job needs of fits it reads from here.
 */
export { KeptReports, type RunReport } from './kept-reports';
