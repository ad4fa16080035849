import { EM_UNITS } from '../faces';
import { type Outline, growOutline } from '../geometry';
import { LEAST_AREA } from './letters';
import { toleranceEm } from './reach';

/** An outline grown by so many em, or shrunk by less than none, as finely as its size asks for. */
export function grownBy(outline: Outline, distanceEm: number, emMm: number): Outline {
  return growOutline(outline, {
    distance: distanceEm * EM_UNITS,
    tolerance: toleranceEm(emMm) * EM_UNITS,
    leastArea: LEAST_AREA,
  });
}
