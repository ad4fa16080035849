import type { LocalWidths } from './local-width';
import { type LostRun, endsOfRun, lastOfRun, shareOfWay } from './lost-runs';
import type { OutlineSamples } from './sample-outline';

/**
 * Whether an opening by a disc of diameter `width` leaves the region inside `ringNos` in more than one part, or nothing.
 *
 * Every sample that stays carries a disc of that diameter which touches the outline there and lies inside. Two samples are
 * in one part when they are neighbours, when they face each other, or when their discs overlap across a lost run.
 */
export function comesApart(
  samples: OutlineSamples,
  { width: widths, opposite }: LocalWidths,
  sign: 1 | -1,
  ringNos: readonly number[],
  runs: readonly LostRun[],
  width: number,
): 'whole' | 'apart' | 'gone' {
  const { ringStarts } = samples;
  const parts = new Parts(ringStarts.at(-1)!);
  const stays = (i: number) => widths[i]! >= width;
  let wide = -1;
  for (const ringNo of ringNos) {
    const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
    for (let i = start; i < end; i++) if (stays(i)) parts.add(i);
  }
  for (const ringNo of ringNos) {
    const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
    for (let i = start; i < end; i++) {
      if (!stays(i)) continue;
      parts.join(i, i === end - 1 ? start : i + 1);
      if (opposite[i]! >= 0) {
        joinAcross(parts, stays, i, opposite[i]!);
      } else if (wide < 0) {
        wide = i;
      } else {
        // Too wide to have been looked across: counted as one part, so that a doubt never makes a finding.
        parts.join(i, wide);
      }
    }
  }
  for (const run of runs) {
    if (run.isWholeRing) continue;
    const [before, after] = endsOfRun(samples, run);
    if (discDistance(samples, widths, sign, run, width) <= width) parts.join(before, after);
  }
  return parts.count === 0 ? 'gone' : parts.count === 1 ? 'whole' : 'apart';
}

/** Samples that were found to hang together. Only those that were added take part; joining others does nothing. */
class Parts {
  readonly #parent: Int32Array;
  count = 0;

  constructor(num: number) {
    this.#parent = new Int32Array(num).fill(-1);
  }

  add(i: number): void {
    this.#parent[i] = i;
    this.count++;
  }

  join(i: number, j: number): void {
    if (j < 0 || j >= this.#parent.length || this.#parent[i]! < 0 || this.#parent[j]! < 0) return;
    const [a, b] = [this.#root(i), this.#root(j)];
    if (a === b) return;
    this.#parent[a] = b;
    this.count--;
  }

  #root(i: number): number {
    const parent = this.#parent;
    while (parent[i] !== i) {
      parent[i] = parent[parent[i]!]!;
      i = parent[i]!;
    }
    return i;
  }
}

/** Between the centres of the discs at both ends of a run, where the outline is just as wide as they are. */
export function discDistance(
  samples: OutlineSamples,
  widths: Float64Array,
  sign: 1 | -1,
  run: LostRun,
  width: number,
): number {
  const [before, after] = endsOfRun(samples, run);
  const last = lastOfRun(samples, run);
  const half = (sign * width) / 2;
  const [x0, y0] = discCentre(samples, widths, before, run.first, width, half);
  const [x1, y1] = discCentre(samples, widths, after, last, width, half);
  return Math.hypot(x0 - x1, y0 - y1);
}

/** Between a sample that stays and its lost neighbour, where the width passes `width`. */
function discCentre(
  { x, y, normalX, normalY }: OutlineSamples,
  widths: Float64Array,
  stays: number,
  lost: number,
  width: number,
  half: number,
): [number, number] {
  const share = shareOfWay(widths, stays, lost, width);
  const between = (values: Float64Array) => values[stays]! + share * (values[lost]! - values[stays]!);
  return [between(x) + half * between(normalX), between(y) + half * between(normalY)];
}

/** Samples of the two sides rarely stand exactly across: a neighbour will do where the facing one is lost. */
function joinAcross(parts: Parts, stays: (i: number) => boolean, i: number, opposite: number): void {
  if (stays(opposite)) {
    parts.join(i, opposite);
    return;
  }
  parts.join(i, opposite - 1);
  parts.join(i, opposite + 1);
}
