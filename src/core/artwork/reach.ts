import type { Reach } from '../shop';

/** How far a layer reaches from the letters. Null where it keeps millimetres and there is no size. */
export function reachEmOf(distance: Reach, capHeightEm: number, emMm: number): number | null {
  if (distance.by === 'height') return distance.share * capHeightEm;
  return emMm > 0 ? distance.mm / emMm : null;
}

/** How far the edge of what is grown may be off: less than a cutter's step, at the sizes that letters have. */
const TOLERANCE_MM = 0.01;
/** The same of what is made without a size. */
const TOLERANCE_EM = 0.0003;

export function toleranceEm(emMm: number): number {
  return emMm > 0 ? TOLERANCE_MM / emMm : TOLERANCE_EM;
}

/** What is left open beside what is filled is wider by more than measures are off. */
export const FILLS_ABOVE_MM = 3 * TOLERANCE_MM;
