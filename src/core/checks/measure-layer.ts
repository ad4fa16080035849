import type { Artwork, LayerArt } from '../artwork';
import { EM_UNITS } from '../faces';
import {
  ABOVE_LIMIT,
  type MeasurableOutline,
  type NarrowGaps,
  type NarrowSpot,
  lookAtOutline,
  narrowestGaps,
  smallestHole,
  thinnestStroke,
} from '../measures';
import type { MeasuredSpot, Measures } from '../figures';
import type { FinestCut } from '../shop';

/** A shorter thin run holds by what is beside it, in any material. */
const LEAST_RUN_MM = 0.8;

/** Samples along the edge. Where a width is hardly more than this, four stand for one: a finer step costs more and tells nothing more. */
const STEP_MM = 0.35;
const FINEST_STEP_EM = 0.003;
const COARSEST_STEP_EM = 0.014;

/** A little more than is asked for, since a disc at the very cut-off is not seen. */
const LOOK_ABOVE = 1.05 * ABOVE_LIMIT;

/** How wide strokes are looked across at least, so that every stem of a usual face has its other side. */
const STEM_EM = 0.25;

/** How many layers were looked at so far: what is kept need not be looked at again. */
export const measurings = { count: 0 };

/** A layer is asked for at a size or two: as it is, and where it would pass. */
const MOST_KEPT = 6;

const known = new WeakMap<LayerArt, Map<string, Measures>>();
const knownToHold = new WeakMap<LayerArt, Map<string, boolean>>();

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
  return keptFor(known, art, keyOf(emMm, finest), () =>
    // What lies between two pieces is nobody's gap.
    looksOf(art, emMm, finest)
      .map((look) => measured(look, inkBox, { emMm, finest }))
      .reduce(worst, NOTHING),
  );
}

/** A passage that begins under its limit may be seen at a width just above, so that a tenth above has to be looked for. */
const PASSING = 1.1;

/**
 * Whether one measure of it holds in larger letters than were measured: where samples would stand as they stood, nothing is looked at
 * again. What has no ink holds. Kept likewise.
 */
export function holdsLarger(
  part: LimitedPart,
  { layers, inkBox }: Pick<Artwork, 'layers' | 'inkBox'>,
  index: number,
  { emMm, lookedMm, finest }: AtSize & { readonly lookedMm: number },
): boolean {
  const art = layers[index];
  if (!art?.inkBox || !inkBox || lookedMm <= 0) return true;
  const from = stepAt(lookedMm) === stepAt(emMm) ? lookedMm : emMm;
  return keptFor(knownToHold, art, `${part} ${from} ${keyOf(emMm, finest)}`, () =>
    looksOf(art, from, finest).every((look) => {
      const spot = measuresOf(look, inkBox, { emMm, finest }, PASSING)[part]();
      return spot === null || spot.widthMm >= finest[LIMIT_OF[part]];
    }),
  );
}

/** What a material sets a limit to. */
export type LimitedPart = 'stroke' | 'gap' | 'hole';

export const LIMIT_OF = { stroke: 'strokeMm', gap: 'gapMm', hole: 'holeMm' } as const;

function keyOf(emMm: number, { strokeMm, gapMm, holeMm }: FinestCut): string {
  return `${emMm} ${strokeMm} ${gapMm} ${holeMm}`;
}

function keptFor<T>(known: WeakMap<LayerArt, Map<string, T>>, art: LayerArt, key: string, work: () => T): T {
  const kept = known.get(art) ?? new Map<string, T>();
  known.set(art, kept);
  if (kept.has(key)) return kept.get(key)!;
  const found = work();
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, found);
  return found;
}

interface AtSize {
  readonly emMm: number;
  readonly finest: FinestCut;
}

const NOTHING: Measures = { stroke: null, gap: null, notch: null, hole: null };

function worst(a: Measures, b: Measures): Measures {
  const least = (part: keyof Measures) => narrower(a[part], b[part]);
  return { stroke: least('stroke'), gap: least('gap'), notch: least('notch'), hole: least('hole') };
}

function narrower(one: MeasuredSpot | null, other: MeasuredSpot | null): MeasuredSpot | null {
  return one && other ? (other.widthMm < one.widthMm ? other : one) : (one ?? other);
}

function measured(look: MeasurableOutline, inkBox: Corner, size: AtSize): Measures {
  const { stroke, gap, notch, hole } = measuresOf(look, inkBox, size);
  return { stroke: stroke(), gap: gap(), notch: notch(), hole: hole() };
}

interface Corner {
  readonly minX: number;
  readonly minY: number;
}

/** The layer that was looked at last: where it would pass is asked right after what it measures. */
let last: { readonly art: LayerArt; readonly key: string; readonly looks: readonly MeasurableOutline[] } | null = null;

/** The pieces of a layer, each looked at for this size and material. */
function looksOf(art: LayerArt, emMm: number, finest: FinestCut): readonly MeasurableOutline[] {
  const key = keyOf(emMm, finest);
  if (last?.art === art && last.key === key) return last.looks;
  measurings.count++;
  const units = EM_UNITS / emMm;
  const inside = Math.max(STEM_EM * EM_UNITS, LOOK_ABOVE * finest.strokeMm * units);
  const outside = LOOK_ABOVE * Math.max(finest.gapMm, finest.holeMm) * units;
  const looks = (art.parts ?? [art.outline]).map((outline) => lookAtOutline(outline, stepAt(emMm), inside, outside));
  last = { art, key, looks };
  return looks;
}

/** How far samples stand apart, in the outline's units. */
function stepAt(emMm: number): number {
  return Math.min(COARSEST_STEP_EM, Math.max(FINEST_STEP_EM, STEP_MM / emMm)) * EM_UNITS;
}

/** What a look tells at a size, to ask for. */
function measuresOf(
  look: MeasurableOutline,
  inkBox: Corner,
  { emMm, finest }: AtSize,
  above = ABOVE_LIMIT,
): Record<keyof Measures, () => MeasuredSpot | null> {
  const units = EM_UNITS / emMm;
  const limit = (leastMm: number) => ({ least: leastMm * units, leastRun: LEAST_RUN_MM * units, above });
  const inMm = (spot: NarrowSpot | null): MeasuredSpot | null =>
    spot && {
      widthMm: spot.width / units,
      xMm: (spot.x - inkBox.minX) / units,
      yMm: (spot.y - inkBox.minY) / units,
    };
  let found: NarrowGaps | null = null;
  const gaps = () => (found ??= narrowestGaps(look, limit(finest.gapMm)));
  return {
    stroke: () => inMm(thinnestStroke(look, limit(finest.strokeMm))),
    gap: () => inMm(gaps().passage),
    notch: () => inMm(gaps().notch),
    hole: () => inMm(smallestHole(look, limit(finest.holeMm))),
  };
}
