import { type LostRun, afterRun, beforeRun, lastOfRun, shareOfWay } from './lost-runs';
import type { OutlineSamples } from './sample-outline';

/** How far something reaches along each of sixteen directions: least and most, one after the other. */
export type Reach = Float64Array;

const DIRECTIONS = Array.from({ length: 16 }, (_, k) => {
  const angle = (k * Math.PI) / 16;
  return [Math.cos(angle), Math.sin(angle)] as const;
});
const COS_SIN = Float64Array.from(DIRECTIONS.flat());
const NOTHING = Float64Array.from({ length: 2 * DIRECTIONS.length }, (_, k) => (k % 2 === 0 ? Infinity : -Infinity));

/** How long a run is from end to end, as a caliper would take it: the widest of sixteen directions, within 0.5 %. */
export function runLength(samples: OutlineSamples, widths: Float64Array, run: LostRun, width: number): number {
  LOOKED.set(NOTHING);
  reachRun(LOOKED, samples, run);
  return lengthToEnds(LOOKED, samples, widths, run, width);
}

/** The same of what was gathered while the run grew. */
export function lengthOfReach(
  reach: Reach,
  samples: OutlineSamples,
  widths: Float64Array,
  run: LostRun,
  width: number,
): number {
  LOOKED.set(reach);
  return lengthToEnds(LOOKED, samples, widths, run, width);
}

/** For one run after the other: they are looked at at every width. */
const LOOKED: Reach = NOTHING.slice();

function lengthToEnds(
  reach: Reach,
  samples: OutlineSamples,
  widths: Float64Array,
  run: LostRun,
  width: number,
): number {
  if (!run.isWholeRing) {
    reachEnd(
      reach,
      samples,
      shareOfWay(widths, beforeRun(samples, run), run.first, width),
      beforeRun(samples, run),
      run.first,
    );
    const [last, after] = [lastOfRun(samples, run), afterRun(samples, run)];
    reachEnd(reach, samples, shareOfWay(widths, after, last, width), after, last);
  }
  return longestReach(reach);
}

/** A run begins and ends between samples. */
function reachEnd(reach: Reach, { x, y }: OutlineSamples, share: number, stays: number, lost: number): void {
  reachTo(reach, x[stays]! + share * (x[lost]! - x[stays]!), y[stays]! + share * (y[lost]! - y[stays]!));
}

/** How far the samples of a run reach. */
export function reachOfRun(samples: OutlineSamples, run: LostRun): Reach {
  const reach = NOTHING.slice();
  reachRun(reach, samples, run);
  return reach;
}

/** Adds the samples of a run. */
export function reachRun(reach: Reach, samples: OutlineSamples, { ringNo, first, count }: LostRun): void {
  const [start, end] = [samples.ringStarts[ringNo]!, samples.ringStarts[ringNo + 1]!];
  for (let k = 0, i = first; k < count; k++, i = i + 1 === end ? start : i + 1) reachSample(reach, samples, i);
}

/** A point's very tip lies between two samples; it is as far as the run goes. */
export function reachSample(reach: Reach, { x, y, corners }: OutlineSamples, i: number): void {
  reachTo(reach, x[i]!, y[i]!);
  if (!Number.isNaN(corners[2 * i])) reachTo(reach, corners[2 * i]!, corners[2 * i + 1]!);
}

function reachTo(reach: Reach, x: number, y: number): void {
  for (let k = 0; k < reach.length; k += 2) {
    const along = x * COS_SIN[k]! + y * COS_SIN[k + 1]!;
    if (along < reach[k]!) reach[k] = along;
    if (along > reach[k + 1]!) reach[k + 1] = along;
  }
}

export function longestReach(reach: Reach): number {
  let longest = 0;
  for (let k = 0; k < reach.length; k += 2) longest = Math.max(longest, reach[k + 1]! - reach[k]!);
  return longest;
}
