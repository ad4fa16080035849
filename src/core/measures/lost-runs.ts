import type { OutlineSamples } from './sample-outline';

/** Neighbouring samples of one ring that an opening loses: `count` of them from `first`, going round the ring. */
export interface LostRun {
  readonly ringNo: number;
  readonly first: number;
  readonly count: number;
  readonly isWholeRing: boolean;
}

/** Runs of samples whose disc is smaller than `width`: what an opening by a disc of that diameter takes away. */
export function lostRuns({ ringStarts, rings }: OutlineSamples, widths: Float64Array, width: number): LostRun[] {
  const runs: LostRun[] = [];
  rings.forEach((_, ringNo) => {
    const start = ringStarts[ringNo]!;
    const num = ringStarts[ringNo + 1]! - start;
    let from = 0;
    while (from < num && widths[start + from]! < width) from++;
    if (from === num) {
      runs.push({ ringNo, first: start, count: num, isWholeRing: true });
      return;
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
  });
  return runs;
}

const DIRECTIONS = Array.from({ length: 16 }, (_, k) => {
  const angle = (k * Math.PI) / 16;
  return [Math.cos(angle), Math.sin(angle)] as const;
});

/** The samples of a run, in order round the ring. */
export function* samplesOfRun({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun): Generator<number> {
  const start = ringStarts[ringNo]!;
  const num = ringStarts[ringNo + 1]! - start;
  for (let k = 0; k < count; k++) yield start + ((first - start + k) % num);
}

export function holdsSample({ ringStarts }: OutlineSamples, { ringNo, first, count }: LostRun, i: number): boolean {
  const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
  return i >= start && i < end && (i - first + (end - start)) % (end - start) < count;
}

/** How long a run is from end to end, as a caliper would take it: the widest of sixteen directions, within 0.5 %. */
export function runLength(samples: OutlineSamples, widths: Float64Array, run: LostRun, width: number): number {
  const { x, y, corners } = samples;
  const points: number[] = [];
  // A point's very tip lies between two samples; it is as far as the run goes.
  for (const i of samplesOfRun(samples, run)) {
    points.push(x[i]!, y[i]!);
    if (!Number.isNaN(corners[2 * i])) points.push(corners[2 * i]!, corners[2 * i + 1]!);
  }
  if (!run.isWholeRing) for (const [endX, endY] of endPoints(samples, widths, run, width)) points.push(endX, endY);
  let longest = 0;
  for (const [cos, sin] of DIRECTIONS) {
    let [least, most] = [Infinity, -Infinity];
    for (let k = 0; k < points.length; k += 2) {
      const along = points[k]! * cos + points[k + 1]! * sin;
      if (along < least) least = along;
      if (along > most) most = along;
    }
    longest = Math.max(longest, most - least);
  }
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
function endPoints(samples: OutlineSamples, widths: Float64Array, run: LostRun, width: number): [number, number][] {
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
