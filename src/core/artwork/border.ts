import { EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, growOutline, largestDisc } from '../geometry';
import type { SlotLayer } from '../resolve';
import { LEAST_AREA, type Letters, type MadeLayer } from './letters';

type BorderMake = Extract<SlotLayer['make'], { kind: 'border' }>;

/** How far its edge may be off: less than a cutter's step, at the sizes that letters have. */
const TOLERANCE_MM = 0.01;
/** The same of what is made without a size. */
const TOLERANCE_EM = 0.0003;

/** What is left open beside what is filled is wider by more than measures are off. */
const FILLS_ABOVE_MM = 3 * TOLERANCE_MM;

/** A hundredth of a millimetre in letters of 30 mm. */
const DISC_PRECISION_EM = 0.0003;

/**
 * All letters grown by the border's distance at this size. What is left open narrower than it fills is closed by growing half of that
 * further and back again: slits between letters and small holes go, inner corners come out round, and nothing else moves.
 */
export function borderOf(make: BorderMake, letters: Letters, emMm: number): MadeLayer {
  const all = letters.all();
  const reachEm = reachEmOf(make, letters.capHeightEm, emMm);
  if (all.islands.length === 0 || reachEm === null) return { outline: EMPTY_OUTLINE };
  const fillsUnderEm = emMm > 0 && make.fillsUnderMm > 0 ? (make.fillsUnderMm + FILLS_ABOVE_MM) / emMm : 0;
  const toleranceEm = emMm > 0 ? TOLERANCE_MM / emMm : TOLERANCE_EM;
  const grown = grownBy(all, reachEm + fillsUnderEm / 2, toleranceEm);
  return {
    outline: grownBy(grown, -fillsUnderEm / 2, toleranceEm),
    border: { reachEm, holeRadiiEm: holeRadiiEm(all), fillsUnderEm },
  };
}

function grownBy(outline: Outline, distanceEm: number, toleranceEm: number): Outline {
  return growOutline(outline, {
    distance: distanceEm * EM_UNITS,
    tolerance: toleranceEm * EM_UNITS,
    leastArea: LEAST_AREA,
  });
}

/** Null where it keeps millimetres and there is no size. */
function reachEmOf({ distance }: BorderMake, capHeightEm: number, emMm: number): number | null {
  if (distance.by === 'height') return distance.share * capHeightEm;
  return emMm > 0 ? distance.mm / emMm : null;
}

const known = new WeakMap<Outline, readonly number[]>();

/** A hole stays open exactly while this exceeds the border’s distance, so that no size has to be tried. */
function holeRadiiEm(letters: Outline): readonly number[] {
  const found = known.get(letters);
  if (found) return found;
  const radii = letters.islands
    .flatMap(({ holes }) => holes)
    .map((hole) => largestDisc(hole, DISC_PRECISION_EM * EM_UNITS).radius / EM_UNITS)
    .sort((a, b) => a - b);
  known.set(letters, radii);
  return radii;
}
