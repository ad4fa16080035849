import type { Artwork, LayerArt } from '../artwork';
import { EM_UNITS } from '../faces';
import type { Outline } from '../geometry';
import { ABOVE_LIMIT, type NarrowSpot, lookAtOutline, narrowestGaps, smallestHole, thinnestStroke } from '../measures';
import type { MeasuredSpot, Measures } from '../figures';
import type { FinestCut } from '../shop';

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

/** How many layers were measured so far: what is kept need not be measured again. */
export const measurings = { count: 0 };

/** A layer is asked for at a size or two: as it is, and where it would pass. */
const MOST_KEPT = 6;

const known = new WeakMap<LayerArt, Map<string, Measures>>();

/**
 * Measures one layer of a drawn text at a size, against what its own material takes; spots from the corner of the whole ink. 3 to
 * 10 ms for a name; kept for the same layer, size and material.
 */
export function measureLayer(
  { layers, inkBox }: Pick<Artwork, 'layers' | 'inkBox'>,
  index: number,
  emMm: number,
  finest: FinestCut,
): Measures {
  const art = layers[index];
  if (!art?.inkBox || !inkBox || emMm <= 0) return NOTHING;
  const key = `${emMm} ${finest.strokeMm} ${finest.gapMm} ${finest.holeMm}`;
  const kept = known.get(art) ?? new Map<string, Measures>();
  known.set(art, kept);
  const found = kept.get(key);
  if (found) return found;
  measurings.count++;
  // What lies between two pieces is nobody's gap.
  const each = (art.parts ?? [art.outline]).map((outline) => measured(outline, inkBox, emMm, finest));
  const measures = each.reduce(worst, NOTHING);
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, measures);
  return measures;
}

const NOTHING: Measures = { stroke: null, gap: null, notch: null, hole: null };

function worst(a: Measures, b: Measures): Measures {
  const least = (part: keyof Measures) => {
    const [one, other] = [a[part], b[part]];
    return one && other ? (other.widthMm < one.widthMm ? other : one) : (one ?? other);
  };
  return { stroke: least('stroke'), gap: least('gap'), notch: least('notch'), hole: least('hole') };
}

function measured(
  outline: Outline,
  inkBox: { readonly minX: number; readonly minY: number },
  emMm: number,
  finest: FinestCut,
): Measures {
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
    };
  const { passage, notch } = narrowestGaps(look, limit(finest.gapMm));
  return {
    stroke: inMm(thinnestStroke(look, limit(finest.strokeMm))),
    gap: inMm(passage),
    notch: inMm(notch),
    hole: inMm(smallestHole(look, limit(finest.holeMm))),
  };
}
