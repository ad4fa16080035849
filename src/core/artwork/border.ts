import { EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, type Ring, boxOfRings, growOutline, largestDisc } from '../geometry';
import type { SlotLayer } from '../resolve';
import { LEAST_AREA, type Letters, type MadeLayer } from './letters';

type BorderMake = Extract<SlotLayer['make'], { kind: 'border' }>;

/** Straight parts lie within the round corners by less than a cutter's step at the sizes that letters have. */
const ARC_TOLERANCE_EM = 0.0003;

/** A hundredth of a millimetre in letters of 30 mm. */
const DISC_PRECISION_EM = 0.0003;

/** All letters grown by the border's distance at this size, with its small holes filled. */
export function borderOf(make: BorderMake, letters: Letters, emMm: number): MadeLayer {
  const all = letters.all();
  const reachEm = reachEmOf(make, letters.capHeightEm, emMm);
  if (all.islands.length === 0 || reachEm === null) return { outline: EMPTY_OUTLINE };
  const grown = growOutline(all, {
    distance: reachEm * EM_UNITS,
    arcTolerance: ARC_TOLERANCE_EM * EM_UNITS,
    leastArea: LEAST_AREA,
  });
  const fillsUnderEm = emMm > 0 ? make.fillsUnderMm / emMm : 0;
  const { outline, numFilled } = filled(grown, (fillsUnderEm / 2) * EM_UNITS);
  return { outline, border: { reachEm, holeRadiiEm: holeRadiiEm(all), fillsUnderEm, numFilled } };
}

/** Null where it keeps millimetres and there is no size. */
function reachEmOf({ distance }: BorderMake, capHeightEm: number, emMm: number): number | null {
  if (distance.by === 'height') return distance.share * capHeightEm;
  return emMm > 0 ? distance.mm / emMm : null;
}

/** Without the holes that no disc of this radius lies in. */
function filled({ islands }: Outline, radius: number): { readonly outline: Outline; readonly numFilled: number } {
  let numFilled = 0;
  const kept = islands.map(({ outer, holes }) => {
    const open = holes.filter((hole) => holds(hole, radius));
    numFilled += holes.length - open.length;
    return { outer, holes: open };
  });
  return { outline: { islands: kept }, numFilled };
}

function holds(hole: Ring, radius: number): boolean {
  if (radius <= 0) return true;
  const box = boxOfRings([hole])!;
  if (Math.min(box.maxX - box.minX, box.maxY - box.minY) < 2 * radius) return false;
  return largestDisc(hole, DISC_PRECISION_EM * EM_UNITS).radius >= radius;
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
