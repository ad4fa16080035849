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

/** The sample that stays before a run, going round. */
export function beforeRun({ ringStarts }: OutlineSamples, { ringNo, first }: LostRun): number {
  const start = ringStarts[ringNo]!;
  return first === start ? ringStarts[ringNo + 1]! - 1 : first - 1;
}

/** The sample that stays after it. */
export function afterRun(samples: OutlineSamples, run: LostRun): number {
  const last = lastOfRun(samples, run);
  return last === samples.ringStarts[run.ringNo + 1]! - 1 ? samples.ringStarts[run.ringNo]! : last + 1;
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
