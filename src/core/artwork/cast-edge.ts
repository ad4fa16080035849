import { EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, sweepOutline } from '../geometry';
import type { SlotLayer } from '../resolve';
import { LEAST_AREA, type Letters } from './letters';
import { reachEmOf } from './reach';

type CastEdgeMake = Extract<SlotLayer['make'], { kind: 'castEdge' }>;

/** All that the letters pass over on their way: they themselves, and their edge to one side. */
export function castEdgeOf({ distance, towardDeg }: CastEdgeMake, letters: Letters, emMm: number): Outline {
  const reachEm = reachEmOf(distance, letters.capHeightEm, emMm);
  if (reachEm === null) return EMPTY_OUTLINE;
  const toward = (towardDeg / 180) * Math.PI;
  const reach = reachEm * EM_UNITS;
  return sweepOutline(letters.all(), reach * Math.cos(toward), reach * Math.sin(toward), LEAST_AREA);
}
