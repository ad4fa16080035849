import type { OutlineSamples } from './sample-outline';

/** Neighbouring samples of one ring that an opening loses: `count` of them from `first`, going round the ring. */
export interface LostRun {
  readonly ringNo: number;
  readonly first: number;
  readonly count: number;
  readonly isWholeRing: boolean;
}

/** Runs of samples whose disc is smaller than `width`: what an opening by a disc of that diameter takes away. Of all rings, or of some. */
export function lostRuns(
  { ringStarts, rings }: OutlineSamples,
  widths: Float64Array,
  width: number,
  ringNos: Iterable<number> = rings.keys(),
): LostRun[] {
  const runs: LostRun[] = [];
  for (const ringNo of ringNos) {
    const start = ringStarts[ringNo]!;
    const num = ringStarts[ringNo + 1]! - start;
    let from = 0;
    while (from < num && widths[start + from]! < width) from++;
    if (from === num) {
      runs.push({ ringNo, first: start, count: num, isWholeRing: true });
      continue;
    }
    // From a sample that stays, once round: no run is cut in two by the ring's beginning.
    let count = 0;
    for (let k = 1; k <= num; k++) {
      const at = (from + k) % num;
      if (widths[start + at]! < width) {
        count++;
      } else if (count > 0) {
        runs.push({ ringNo, first: start + ((at - count + num) % num), count, isWholeRing: false });
        count = 0;
      }
    }
  }
  return runs;
}

const DIRECTIONS = Array.from({ length: 16 }, (_, k) => {
  const angle = (k * Math.PI) / 16;
  return [Math.cos(angle), Math.sin(angle)] as const;
});
const COS_SIN = Float64Array.from(DIRECTIONS.flat());

/** Where the reach along y stands in `noReach`; that along x stands first. */
export const DOWN = DIRECTIONS.length;

/** The samples of a run, in order round the ring. */
export function samplesOfRun({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun): Int32Array {
  const start = ringStarts[ringNo]!;
  const num = ringStarts[ringNo + 1]! - start;
  const samples = new Int32Array(count);
  for (let k = 0; k < count; k++) samples[k] = start + ((first - start + k) % num);
  return samples;
}

export function holdsSample({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun, i: number): boolean {
  const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
  return i >= start && i < end && (i - first + (end - start)) % (end - start) < count;
}

/** How long a run is from end to end, as a caliper would take it: the widest of sixteen directions, within 0.5 %. */
export function runLength(samples: OutlineSamples, widths: Float64Array, run: LostRun, width: number): number {
  const { x, y, corners } = samples;
  const reach = noReach();
  // A point's very tip lies between two samples; it is as far as the run goes.
  for (const i of samplesOfRun(samples, run)) {
    reachTo(reach, x[i]!, y[i]!);
    if (!Number.isNaN(corners[2 * i])) reachTo(reach, corners[2 * i]!, corners[2 * i + 1]!);
  }
  if (!run.isWholeRing) for (const [endX, endY] of endPoints(samples, widths, run, width)) reachTo(reach, endX, endY);
  return longestReach(reach);
}

/** How far nothing reaches: least and most along each direction. */
export function noReach(): Float64Array {
  return NOTHING.slice();
}

const NOTHING = Float64Array.from({ length: 2 * DIRECTIONS.length }, (_, k) => (k % 2 === 0 ? Infinity : -Infinity));

export function reachTo(reach: Float64Array, x: number, y: number): void {
  for (let k = 0; k < reach.length; k += 2) {
    const along = x * COS_SIN[k]! + y * COS_SIN[k + 1]!;
    if (along < reach[k]!) reach[k] = along;
    if (along > reach[k + 1]!) reach[k + 1] = along;
  }
}

export function longestReach(reach: Float64Array): number {
  let longest = 0;
  for (let k = 0; k < reach.length; k += 2) longest = Math.max(longest, reach[k + 1]! - reach[k]!);
  return longest;
}

/** The samples that stay on both ends of a run. */
export function endsOfRun({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun): [number, number] {
  const start = ringStarts[ringNo]!;
  const num = ringStarts[ringNo + 1]! - start;
  return [start + ((first - start - 1 + num) % num), start + ((first - start + count) % num)];
}

/** The last sample of a run, going round. */
export function lastOfRun({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun): number {
  const start = ringStarts[ringNo]!;
  const num = ringStarts[ringNo + 1]! - start;
  return start + ((first - start + count - 1) % num);
}

/** How far the outline is just `width` wide, as a share of the way from a sample that stays to its lost neighbour. */
export function shareOfWay(widths: Float64Array, stays: number, lost: number, width: number): number {
  // One that is wide open counts as twice as wide: the place hardly depends on it.
  const wide = Math.min(widths[stays]!, 2 * width);
  return (wide - width) / Math.max(wide - widths[lost]!, 1e-9);
}

/** A run begins and ends between samples. */
export function endPoints(
  samples: OutlineSamples,
  widths: Float64Array,
  run: LostRun,
  width: number,
): [number, number][] {
  const { x, y } = samples;
  const [before, after] = endsOfRun(samples, run);
  const between = (stays: number, lost: number): [number, number] => {
    const share = shareOfWay(widths, stays, lost, width);
    return [x[stays]! + share * (x[lost]! - x[stays]!), y[stays]! + share * (y[lost]! - y[stays]!)];
  };
  return [between(before, run.first), between(after, lastOfRun(samples, run))];
}

/** The sample of a run where it is narrowest. */
export function narrowestOfRun(
  { ringStarts }: OutlineSamples,
  widths: Float64Array,
  { ringNo, first, count }: LostRun,
): number {
  const end = ringStarts[ringNo + 1]!;
  let narrowest = first;
  // Written out, since it is asked at every width.
  for (let k = 0, i = first; k < count; k++, i = i + 1 === end ? ringStarts[ringNo]! : i + 1) {
    if (widths[i]! < widths[narrowest]!) narrowest = i;
  }
  return narrowest;
}
