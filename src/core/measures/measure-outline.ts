import { type Outline, largestDisc } from '../geometry';
import { type KnownWidths, type LocalWidths, fillFor, localWidths } from './local-width';
import { lostRuns, narrowestOfRun } from './lost-runs';
import { type NarrowRun, narrowRuns } from './narrow-runs';
import { PointGrid } from './point-grid';
import { runLength } from './run-reach';
import { FINER, type OutlineSamples, sampleOutline } from './sample-outline';

/** An outline looked at once, in its own units; sizes are asked of it afterwards, as often as the size changes. */
export interface MeasurableOutline {
  readonly samples: OutlineSamples;
  readonly inside: LocalWidths;
  readonly outside: LocalWidths;
}

/** For one look after the other. */
const grid = new PointGrid();

/** A width and where it is, in the outline's units. */
export interface NarrowSpot {
  readonly width: number;
  readonly x: number;
  readonly y: number;
}

/**
 * Nothing wider than the cut-offs is looked for. Cost is in proportion to the length of the outline over `step`. Where a width is not
 * much more than the step, a run of a few samples decides, and it is looked at more closely.
 */
export function lookAtOutline(
  outline: Outline,
  step: number,
  cutOffInside: number,
  cutOffOutside: number,
): MeasurableOutline {
  const look = (samples: OutlineSamples, known?: (side: 'inside' | 'outside') => KnownWidths): MeasurableOutline => {
    fillFor(grid, samples, Math.max(cutOffInside, cutOffOutside));
    return {
      samples,
      inside: localWidths(samples, grid, 'inside', cutOffInside, known?.('inside')),
      outside: localWidths(samples, grid, 'outside', cutOffOutside, known?.('outside')),
    };
  };
  const even = look(sampleOutline(outline, step));
  const finer = tightSamples(even, step);
  if (!finer) return even;
  const closer = sampleOutline(outline, step, finer);
  const where = wherefrom(finer, closer.x.length);
  return look(closer, (side) => ({ ...where, widths: even[side] }));
}

/** Which samples stand where they stood, when some are replaced by several. */
function wherefrom(finer: Uint8Array, numNow: number) {
  const sampleOf = new Int32Array(numNow).fill(-1);
  const nowAt = new Int32Array(finer.length);
  let now = 0;
  finer.forEach((isFiner, before) => {
    nowAt[before] = isFiner === 1 ? now + FINER / 2 : now;
    if (isFiner === 0) sampleOf[now] = before;
    now += isFiner === 1 ? FINER : 1;
  });
  return { sampleOf, nowAt };
}

/** Narrower than so many steps is tight, over more than so many; less is lost at every corner. */
const TIGHT_STEPS = 1.5;
const TIGHT_RUN_STEPS = 1.4;

/** So many samples beyond a tight run are looked at more closely, too: somewhere there it ends. */
const BEYOND = 2;

/** By sample, 1 where it has to be looked at more closely; null where none has. */
function tightSamples({ samples, inside, outside }: MeasurableOutline, step: number): Uint8Array | null {
  const { ringStarts } = samples;
  const width = TIGHT_STEPS * step;
  const finer = new Uint8Array(samples.x.length);
  let isAny = false;
  for (const { width: widths } of [inside, outside]) {
    for (const run of lostRuns(samples, widths, width)) {
      if (runLength(samples, widths, run, width) <= TIGHT_RUN_STEPS * step) continue;
      isAny = true;
      const [start, end] = [ringStarts[run.ringNo]!, ringStarts[run.ringNo + 1]!];
      const num = end - start;
      for (let k = -BEYOND; k < run.count + BEYOND; k++) finer[start + ((run.first - start + k + num) % num)] = 1;
    }
  }
  return isAny ? finer : null;
}

/** What a width is held against, in the outline's units. */
export interface WidthLimit {
  /** Zero asks for nothing. */
  readonly least: number;
  /** A narrow run up to this long is held by what is beside it. */
  readonly leastRun: number;
  /** How many times the limit is looked for. */
  readonly above?: number;
}

/**
 * The thinnest stroke: the least width that is broken, up to twice the limit. A width w is broken when an opening by a disc of
 * that diameter loses a run longer than max(`leastRun`, 3w), or does not leave some island in one part. Null: none is.
 */
export function thinnestStroke(
  look: MeasurableOutline,
  { least, leastRun, above = ABOVE_LIMIT }: WidthLimit,
): NarrowSpot | null {
  const { samples, inside: widths } = look;
  const numIslands = (samples.rings.at(-1)?.islandNo ?? -1) + 1;
  const regions: number[][] = Array.from({ length: numIslands }, () => []);
  samples.rings.forEach(({ islandNo }, ringNo) => regions[islandNo]!.push(ringNo));
  const side = { samples, widths, sign: 1, regions, mayVanish: false, tellsPoints: false } as const;
  return spotOf(samples, widths, narrowRuns(side, { most: above * least, leastRun }).narrow);
}

/** What is not material and too narrow for its limit. */
export interface NarrowGaps {
  /** A passage between two edges, or a slot. */
  readonly passage: NarrowSpot | null;
  /** It closes to a point, as between joined letters: what tears there hangs on the wide end. */
  readonly notch: NarrowSpot | null;
}

/** The narrowest gaps: the same of what is not material, where a hole may be lost whole (its size is asked for apart). */
export function narrowestGaps(
  look: MeasurableOutline,
  { least, leastRun, above = ABOVE_LIMIT }: WidthLimit,
): NarrowGaps {
  const { samples, outside: widths } = look;
  const regions = samples.rings.flatMap(({ isHole }, ringNo) => (isHole ? [[ringNo]] : []));
  const side = { samples, widths, sign: -1, regions, mayVanish: true, tellsPoints: true } as const;
  const { narrow, point } = narrowRuns(side, { most: above * least, leastRun });
  return { passage: spotOf(samples, widths, narrow), notch: spotOf(samples, widths, point) };
}

function spotOf(samples: OutlineSamples, widths: LocalWidths, narrow: NarrowRun | null): NarrowSpot | null {
  if (narrow === null) return null;
  const at = narrowestOfRun(samples, widths.width, narrow.run);
  return { width: narrow.width, x: samples.x[at]!, y: samples.y[at]! };
}

/** The smallest hole by the largest disc that lies in it. Null without holes, or when all are wider than twice the limit. */
export function smallestHole(
  { samples, outside }: MeasurableOutline,
  { least, above = ABOVE_LIMIT }: WidthLimit,
): NarrowSpot | null {
  const { rings, ringStarts, x, y } = samples;
  const { width } = outside;
  const holes = rings.flatMap(({ isHole, ring }, ringNo) => {
    if (!isHole) return [];
    let at = ringStarts[ringNo]!;
    for (let i = at; i < ringStarts[ringNo + 1]!; i++) if (width[i]! > width[at]!) at = i;
    return [{ ring, at, atLeast: width[at]! }];
  });
  let smallest: NarrowSpot | null = null;
  // A disc that touches halfway between two samples is larger than those at them, which tell what need not be looked at.
  for (const { ring, at, atLeast } of holes.sort((a, b) => a.atLeast - b.atLeast)) {
    const most = Math.min(above * least, smallest?.width ?? Infinity);
    if (atLeast >= most) break;
    const found = 2 * largestDisc(ring, Math.max(1, DISC_PRECISION * atLeast)).radius;
    if (found < most) smallest = { width: found, x: x[at]!, y: y[at]! };
  }
  return smallest;
}

/** How near a hole's radius is found, as a share of its width; never nearer than its points stand, which are whole numbers. */
const DISC_PRECISION = 0.005;

/** How far above its limit a width is looked for when nothing else is said, so that the maker sees what is spare. */
export const ABOVE_LIMIT = 2;
