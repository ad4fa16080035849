import type { Finding } from '../finding';
import type { Measures } from './measures';

/** What measuring adds to a fit. */
export interface Measured {
  readonly measures: readonly Measures[];
  /** Found by measuring and open; and those that were let stand. */
  readonly findings: readonly Finding[];
  readonly looked: readonly Finding[];
}

/** The same fit with what measuring found; whatever shows or freezes findings has them all then. */
export function withMeasured<T extends Pick<Measured, 'findings' | 'looked'>>(fit: T, found: Measured): T {
  return {
    ...fit,
    findings: [...fit.findings, ...found.findings],
    looked: [...fit.looked, ...found.looked],
  };
}
