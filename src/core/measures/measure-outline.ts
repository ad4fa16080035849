import type { Outline } from '../geometry';
import { comesApart, discDistance } from './comes-apart';
import { type LocalWidths, localWidths } from './local-width';
import { type LostRun, holdsSample, lostRuns, narrowestOfRun, runLength, samplesOfRun } from './lost-runs';
import { type OutlineSamples, sampleOutline } from './sample-outline';

/** An outline looked at once, in its own units; sizes are asked of it afterwards, as often as the size changes. */
export interface MeasurableOutline {
  readonly samples: OutlineSamples;
  readonly inside: LocalWidths;
  readonly outside: LocalWidths;
}

/** A width and where it is, in the outline's units. */
export interface NarrowSpot {
  readonly width: number;
  readonly x: number;
  readonly y: number;
  /** It narrows to a point at one end, as a notch does; a passage or a slot with parallel sides does not. */
  readonly closes: boolean;
}

/** Nothing wider than the cut-offs is looked for. Cost is in proportion to the length of the outline over `step`. */
export function lookAtOutline(
  outline: Outline,
  step: number,
  cutOffInside: number,
  cutOffOutside: number,
): MeasurableOutline {
  const samples = sampleOutline(outline, step);
  return {
    samples,
    inside: localWidths(samples, 'inside', cutOffInside),
    outside: localWidths(samples, 'outside', cutOffOutside),
  };
}

/** What a width is held against, in the outline's units. */
export interface WidthLimit {
  /** Zero asks for nothing. */
  readonly least: number;
  /** A narrow run up to this long is held by what is beside it. */
  readonly leastRun: number;
}

/**
 * The thinnest stroke. A width w is broken when an opening by a disc of that diameter loses a run longer than
 * max(`leastRun`, 3w), or does not leave some island in one part; the value is where that begins, found by halving, below
 * the limit if the limit is broken and otherwise above it. Null: not broken at twice the limit.
 */
export function thinnestStroke(look: MeasurableOutline, limit: WidthLimit): NarrowSpot | null {
  const { rings } = look.samples;
  const numIslands = (rings.at(-1)?.islandNo ?? -1) + 1;
  const regions = Array.from({ length: numIslands }, (_, islandNo) =>
    rings.flatMap((ring, ringNo) => (ring.islandNo === islandNo ? [ringNo] : [])),
  );
  return narrowest({ samples: look.samples, widths: look.inside, sign: 1, regions, mayVanish: false }, limit);
}

/** The narrowest gap: the same of what is not material, where a hole may be lost whole (its size is asked for apart). */
export function narrowestGap(look: MeasurableOutline, limit: WidthLimit): NarrowSpot | null {
  const holes = look.samples.rings.flatMap(({ isHole }, ringNo) => (isHole ? [[ringNo]] : []));
  return narrowest({ samples: look.samples, widths: look.outside, sign: -1, regions: holes, mayVanish: true }, limit);
}

/** The smallest hole by the largest disc that lies in it. Null without holes, or when all are wider than twice the limit. */
export function smallestHole({ samples, outside }: MeasurableOutline, limit: WidthLimit): NarrowSpot | null {
  const { rings, ringStarts, x, y } = samples;
  let smallest: NarrowSpot | null = null;
  rings.forEach(({ isHole }, ringNo) => {
    if (!isHole) return;
    let widest = ringStarts[ringNo]!;
    for (let i = widest; i < ringStarts[ringNo + 1]!; i++) if (outside.width[i]! > outside.width[widest]!) widest = i;
    const width = outside.width[widest]!;
    if (width < Math.min(ABOVE_LIMIT * limit.least, smallest?.width ?? Infinity)) {
      smallest = { width, x: x[widest]!, y: y[widest]!, closes: false };
    }
  });
  return smallest;
}

/** How far above its limit a width is still looked for, so that the maker sees what is spare. */
export const ABOVE_LIMIT = 2;

/** The value is within 0.4 % of the limit's size. */
const NUM_HALVINGS = 8;

/** One side of an outline: its material, or what is not material. */
interface Side {
  readonly samples: OutlineSamples;
  readonly widths: LocalWidths;
  readonly sign: 1 | -1;
  /** Numbers of the rings around each region that has to stay in one part. */
  readonly regions: readonly (readonly number[])[];
  /** A region may be lost whole. */
  readonly mayVanish: boolean;
}

function narrowest(side: Side, { least, leastRun }: WidthLimit): NarrowSpot | null {
  if (least <= 0) return null;
  let at = brokenAt(side, least, leastRun);
  let [low, high] = [0, least];
  if (at === null) {
    [low, high] = [least, ABOVE_LIMIT * least];
    at = brokenAt(side, high, leastRun);
    if (at === null) return null;
  }
  for (let i = 0; i < NUM_HALVINGS; i++) {
    const middle = (low + high) / 2;
    const found = brokenAt(side, middle, leastRun);
    if (found === null) {
      low = middle;
    } else {
      high = middle;
      at = found;
    }
  }
  return spotOf(side, at, (low + high) / 2);
}

/** Half of a wedge is narrower than half its width; of a slot with parallel sides only the corners at its end are. */
const CLOSED_SHARE = 0.75;

function spotOf({ samples, widths }: Side, run: LostRun, width: number): NarrowSpot {
  const at = narrowestOfRun(samples, widths.width, run);
  // Both sides of a notch belong to one run round its end; a passage has another run across.
  const own = [...samplesOfRun(samples, run)];
  const numAcross = own.filter((i) => holdsSample(samples, run, widths.opposite[i]!)).length;
  const isOneEnded = numAcross * 2 > own.length;
  const numNarrower = own.filter((i) => widths.width[i]! < CLOSED_SHARE * width).length;
  const closes = isOneEnded && numNarrower * 2 > own.length;
  return { width, x: samples.x[at]!, y: samples.y[at]!, closes };
}

/** What is wrong at this width; null when nothing is. */
function brokenAt(side: Side, width: number, leastRun: number): LostRun | null {
  const { samples, widths } = side;
  const runs = lostRuns(samples, widths.width, width);
  const long = runs.find((run) => isLong(side, run, width, Math.max(leastRun, 3 * width)));
  return long ?? brokenRegion(side, runs, width) ?? null;
}

/** Few samples cannot be long: the caliper is only laid on runs that might be. */
function isLong({ samples, widths }: Side, run: LostRun, width: number, length: number): boolean {
  const { x, y, ringStarts } = samples;
  const start = ringStarts[run.ringNo]!;
  const second = start + 1;
  const step = Math.hypot(x[second]! - x[start]!, y[second]! - y[start]!);
  return (run.count + 1) * step * 1.1 > length && runLength(samples, widths.width, run, width) > length;
}

/** A run at which some region comes apart or is lost whole; undefined when every region stays in one part. */
function brokenRegion(side: Side, runs: readonly LostRun[], width: number): LostRun | undefined {
  const { samples, widths, sign, regions, mayVanish } = side;
  for (const region of regions) {
    const own = runs.filter(({ ringNo }) => region.includes(ringNo));
    // Only a run whose ends lie further apart than their discs reach can part anything.
    const parting = own.find((run) => {
      if (run.isWholeRing) return true;
      return discDistance(samples, widths, sign, run, own, width) > width;
    });
    if (!parting) continue;
    const state = comesApart(samples, widths, sign, region, own, width);
    if (state === 'apart' || (state === 'gone' && !mayVanish)) return parting;
  }
  return undefined;
}
