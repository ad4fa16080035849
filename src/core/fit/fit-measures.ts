import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import type { LetteredText } from '../lettering';
import { ABOVE_LIMIT, type NarrowSpot, lookAtOutline, narrowestGap, smallestHole, thinnestStroke } from '../measures';
import { presentOrThrow } from '../outcome';
import type { FinestCut } from '../shop';
import { type RunSpec, findLettering, findMaterial } from '../spec';
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
const COARSEST_STEP_EM = 0.011;

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

/** Looks for the least passing size end here: something else than the size is wrong. */
const MOST_GROWTH = 2;

/**
 * Limits of the material that a text breaks. A gap that closes to a point is only noted: its waste hangs on the wide end and
 * comes out with it, while a passage or a slot that is too narrow tears.
 */
export function measureFindings(
  lettered: LetteredText,
  emMm: number,
  measures: Measures,
  finest: FinestCut,
  /** Whether to look for the height that passes, which measures again. */
  withHeights = true,
): Finding[] {
  const broken = PARTS.flatMap(({ part, kind, least }) => {
    const spot = measures[part];
    return spot && spot.widthMm < finest[least] ? [{ part, kind, spot, leastMm: finest[least] }] : [];
  });
  return broken.map(({ part, kind, spot: { widthMm, closes }, leastMm }): Finding => {
    if (kind === 'narrowGap' && closes) return { kind, severity: 'note', widthMm, leastMm, closes, passesAtMm: null };
    const passesAtMm = withHeights ? passingHeight(lettered, emMm, part, widthMm, leastMm, finest) : null;
    return kind === 'narrowGap'
      ? { kind, severity: 'check', widthMm, leastMm, closes, passesAtMm }
      : { kind, severity: 'check', widthMm, leastMm, passesAtMm };
  });
}

const PARTS = [
  { part: 'stroke', kind: 'thinStroke', least: 'strokeMm' },
  { part: 'gap', kind: 'narrowGap', least: 'gapMm' },
  { part: 'hole', kind: 'smallHole', least: 'holeMm' },
] as const;

/**
 * The cap height at which this measure passes. Widths grow with the letters, runs that may be lost do not quite, so that the
 * height by proportion is measured, and raised a little where it is not enough.
 */
function passingHeight(
  lettered: LetteredText,
  emMm: number,
  part: keyof Measures,
  widthMm: number,
  leastMm: number,
  finest: FinestCut,
): number | null {
  if (widthMm <= 0) return null;
  for (let factor = (leastMm / widthMm) * 1.005; factor <= MOST_GROWTH; factor *= 1.06) {
    const spot = measureText(lettered, emMm * factor, finest)[part];
    if (!spot || spot.widthMm >= leastMm || (part === 'gap' && spot.closes))
      return emMm * factor * lettered.capHeightEm;
  }
  return null;
}
