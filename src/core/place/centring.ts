import type { Centring } from '../shop';

/** How the middle between the handles lies to the middle of the body; positive: to the right. Millimetres. */
export interface CentringReport {
  /** At each measured height, uppermost first. */
  readonly differencesMm: readonly number[];
  /** Mean of them. */
  readonly differenceMm: number;
  readonly recommended: Centring['take'];
  readonly why: 'withinTolerance' | 'eyeReadsHandles' | 'handlesLean';
  /** What the chosen middle is off the body's. */
  readonly shiftMm: number;
}

/**
 * From the gaps alone: with the body's width W the handles' middles lie at gL + hL/2 and W − gR − hR/2, so their middle is
 * off W/2 by half the difference of the two sums, whatever W is.
 */
export function centringReport({ levels, take, toleranceMm }: Centring): CentringReport {
  if (levels.length === 0)
    return { differencesMm: [], differenceMm: 0, recommended: 'body', why: 'withinTolerance', shiftMm: 0 };
  const differencesMm = levels.map(
    ({ leftGapMm, leftHandleMm, rightHandleMm, rightGapMm }) =>
      (leftGapMm + leftHandleMm / 2 - (rightGapMm + rightHandleMm / 2)) / 2,
  );
  const differenceMm = differencesMm.reduce((sum, d) => sum + d, 0) / differencesMm.length;
  const leanMm = Math.max(...differencesMm) - Math.min(...differencesMm);
  const isSmall = differencesMm.every((d) => Math.abs(d) <= toleranceMm);
  const why = isSmall ? 'withinTolerance' : leanMm > toleranceMm ? 'handlesLean' : 'eyeReadsHandles';
  return {
    differencesMm,
    differenceMm,
    // Handles that lean give no middle that is right at both heights: the body's is, at least to the ruler.
    recommended: why === 'eyeReadsHandles' ? 'handles' : 'body',
    why,
    shiftMm: take === 'handles' ? differenceMm : 0,
  };
}
