import { type Finding, hasStop } from '../finding';

interface Long {
  readonly emMm: number;
  readonly inkWidthMm: number;
  readonly findings: readonly Finding[];
}

/** The widest at a common size among those that may be cut; null when there is none. */
export function longestFit<T extends Long>(fits: readonly T[]): T | null {
  let longest: T | null = null;
  for (const fit of fits) {
    if (fit.emMm <= 0 || hasStop(fit.findings)) continue;
    if (!longest || fit.inkWidthMm / fit.emMm > longest.inkWidthMm / longest.emMm) longest = fit;
  }
  return longest;
}
