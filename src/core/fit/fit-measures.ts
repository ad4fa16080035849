import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import type { LetteredText } from '../lettering';
import { ABOVE_LIMIT, type NarrowSpot, lookAtOutline, narrowestGap, smallestHole, thinnestStroke } from '../measures';
import { presentOrThrow } from '../outcome';
import { type FinestCut, type RunSpec, findLettering, findMaterial } from '../run';
import type { FitSlot } from './fit-slots';

/** A width and the middle of the spot, from the ink's top left corner. */
export interface MeasuredSpot {
  readonly widthMm: number;
  readonly xMm: number;
  readonly yMm: number;
  /** It narrows to a point, as a notch between joined letters does. */
  readonly closes: boolean;
}

/** What can be weeded and will hold. Null: wider than twice its limit, or none there. */
export interface Measures {
  readonly stroke: MeasuredSpot | null;
  readonly gap: MeasuredSpot | null;
  readonly hole: MeasuredSpot | null;
}

/** A shorter thin run holds by what is beside it, in any material. */
const LEAST_RUN_MM = 0.8;

/** Samples along the edge: as fine as a cutter's step asks for, but no finer than the flattened curves are. */
const STEP_MM = 0.25;
const FINEST_STEP_EM = 0.003;
const COARSEST_STEP_EM = 0.0095;

/** A little more than is asked for, since a disc at the very cut-off is not seen. */
const LOOK_ABOVE = 1.05 * ABOVE_LIMIT;

/** How wide strokes are looked across at least, so that every stem of a usual face has its other side. */
const STEM_EM = 0.25;

/** Measures a drawn text at a size, against what its material takes. 3 to 10 ms for a name. */
export function measureText({ outline, inkBox }: LetteredText, emMm: number, finest: FinestCut): Measures {
  if (!inkBox || emMm <= 0) return { stroke: null, gap: null, hole: null };
  const units = EM_UNITS / emMm;
  const stepEm = Math.min(COARSEST_STEP_EM, Math.max(FINEST_STEP_EM, STEP_MM / emMm));
  const inside = Math.max(STEM_EM * EM_UNITS, LOOK_ABOVE * finest.strokeMm * units);
  const outside = LOOK_ABOVE * Math.max(finest.gapMm, finest.holeMm) * units;
  const look = lookAtOutline(outline, stepEm * EM_UNITS, inside, outside);
  const limit = (leastMm: number) => ({ least: leastMm * units, leastRun: LEAST_RUN_MM * units });
  const inMm = (spot: NarrowSpot | null): MeasuredSpot | null =>
    spot && {
      widthMm: spot.width / units,
      xMm: (spot.x - inkBox.minX) / units,
      yMm: (spot.y - inkBox.minY) / units,
      closes: spot.closes,
    };
  return {
    stroke: inMm(thinnestStroke(look, limit(finest.strokeMm))),
    gap: inMm(narrowestGap(look, limit(finest.gapMm))),
    hole: inMm(smallestHole(look, limit(finest.holeMm))),
  };
}

/** What the material takes that the lettering's lowest layer is cut from. */
export function finestOf(spec: RunSpec, { place }: FitSlot): FinestCut {
  const [layer] = findLettering(spec, place.letteringId).layers;
  return findMaterial(spec, presentOrThrow(place.materials[layer!.slot], `material for ${layer!.slot}`)).finest;
}

/**
 * Limits of the material that a text breaks. A gap that closes to a point is only noted: its waste hangs on the wide end and
 * comes out with it, while a passage or a slot that is too narrow tears.
 */
export function measureFindings({ stroke, gap, hole }: Measures, finest: FinestCut): Finding[] {
  const broken = (kind: 'thinStroke' | 'smallHole', spot: MeasuredSpot | null, leastMm: number): Finding[] =>
    spot && spot.widthMm < leastMm ? [{ kind, severity: 'check', widthMm: spot.widthMm, leastMm }] : [];
  return [
    ...broken('thinStroke', stroke, finest.strokeMm),
    ...gapFindings(gap, finest.gapMm),
    ...broken('smallHole', hole, finest.holeMm),
  ];
}

function gapFindings(gap: MeasuredSpot | null, leastMm: number): Finding[] {
  if (!gap || gap.widthMm >= leastMm) return [];
  const { widthMm, closes } = gap;
  return [{ kind: 'narrowGap', severity: closes ? 'note' : 'check', widthMm, leastMm, closes }];
}
