import { EMPTY_OUTLINE, type Outline, takeOut } from '../geometry';
import type { SlotLayer } from '../resolve';
import { grownBy } from './grown-by';
import { LEAST_AREA, type Letters } from './letters';
import { reachEmOf } from './reach';

type InsideMake = Extract<SlotLayer['make'], { kind: 'inside' }>;

/** All letters drawn in, or a line along that edge. Nothing is left of strokes that are too thin for it. */
export function insideOf({ distance, lineMm }: InsideMake, letters: Letters, emMm: number): Outline {
  const reachEm = reachEmOf(distance, letters.capHeightEm, emMm);
  if (reachEm === null) return EMPTY_OUTLINE;
  const drawnIn = grownBy(letters.all(), -reachEm, emMm);
  if (lineMm === null || emMm <= 0) return drawnIn;
  // From the letters again, so that nothing is drawn in twice.
  return takeOut(drawnIn, grownBy(letters.all(), -(reachEm + lineMm / emMm), emMm), LEAST_AREA);
}
