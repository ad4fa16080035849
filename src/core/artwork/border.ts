import { EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, largestDisc, leastIslandGap } from '../geometry';
import type { SlotLayer } from '../resolve';
import { grownBy } from './grown-by';
import type { Letters, MadeLayer } from './letters';
import { FILLS_ABOVE_MM, reachEmOf } from './reach';

type BorderMake = Extract<SlotLayer['make'], { kind: 'border' }>;

/** A hundredth of a millimetre in letters of 30 mm. */
const DISC_PRECISION_EM = 0.0003;

/**
 * All letters grown by the border's distance at this size. What is left open narrower than it fills is closed by growing half of that
 * further and back again: slits between letters and small holes go, inner corners come out round, and nothing else moves.
 */
export function borderOf(make: BorderMake, letters: Letters, emMm: number): MadeLayer {
  const all = letters.all();
  const reachEm = reachEmOf(make.distance, letters.capHeightEm, emMm);
  if (all.islands.length === 0 || reachEm === null) return { outline: EMPTY_OUTLINE };
  const fillsUnderEm = emMm > 0 && make.fillsUnderMm > 0 ? (make.fillsUnderMm + FILLS_ABOVE_MM) / emMm : 0;
  const grown = grownBy(all, reachEm + fillsUnderEm / 2, emMm);
  return {
    outline: grownBy(grown, -fillsUnderEm / 2, emMm),
    border: {
      reachEm,
      holeRadiiEm: holeRadiiEm(all),
      fillsUnderEm,
      numParts: all.islands.length,
      leastGapEm: () => leastGapEm(all),
    },
  };
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

const gaps = new WeakMap<Outline, number>();

/** Looked for only where somebody asks: a border joins what stands nearer than twice its distance. */
function leastGapEm(letters: Outline): number {
  const found = gaps.get(letters) ?? leastIslandGap(letters) / EM_UNITS;
  gaps.set(letters, found);
  return found;
}
