import { DOWN, type LostRun, endPoints, longestReach, noReach, reachTo } from './lost-runs';
import type { OutlineSamples } from './sample-outline';

/** A run that grows as wider and wider discs are asked for. */
export interface GrowingRun extends LostRun {
  /** The width at which it was as it is now; at less it was smaller, or two. */
  readonly since: number;
  /** The width before that at which it grew. */
  readonly before: number;
}

/** The same while it grows, with how far its samples and their corners reach in each direction: least and most, one after the other. */
interface Growing {
  ringNo: number;
  first: number;
  count: number;
  isWholeRing: boolean;
  since: number;
  before: number;
  readonly reach: Float64Array;
}

/** What an opening loses, as its disc grows: samples are added from narrow to wide, and runs that meet become one. */
export class GrowingRuns {
  readonly #samples: OutlineSamples;
  readonly #widths: Float64Array;
  readonly #ringOf: Int32Array;
  /** The run that begins or ends at a sample; of those between, no matter which. */
  readonly #at: (Growing | null)[];
  readonly #ofRing: Set<Growing>[];

  constructor(samples: OutlineSamples, widths: Float64Array) {
    this.#samples = samples;
    this.#widths = widths;
    this.#at = new Array<Growing | null>(widths.length).fill(null);
    this.#ringOf = new Int32Array(widths.length);
    this.#ofRing = samples.rings.map((_, ringNo) => {
      this.#ringOf.fill(ringNo, samples.ringStarts[ringNo], samples.ringStarts[ringNo + 1]);
      return new Set();
    });
  }

  /** Loses one more sample, the narrowest that is left, and gives the run that it belongs to now. */
  add(i: number): GrowingRun {
    const width = this.#widths[i]!;
    const ringNo = this.#ringOf[i]!;
    const [start, end] = [this.#samples.ringStarts[ringNo]!, this.#samples.ringStarts[ringNo + 1]!];
    const left = this.#at[i === start ? end - 1 : i - 1] ?? null;
    const right = this.#at[i === end - 1 ? start : i + 1] ?? null;
    const run = left ?? right ?? fresh(ringNo, i);
    if (!left) run.first = i;
    run.before = Math.max(left?.since ?? 0, right?.since ?? 0);
    run.since = width;
    run.count++;
    this.#stretch(run, i);
    if (left && right && left !== right) {
      run.count += right.count;
      joinReach(run.reach, right.reach);
      this.#ofRing[ringNo]!.delete(right);
    }
    run.isWholeRing = run.count === end - start;
    this.#ofRing[ringNo]!.add(run);
    this.#at[i] = run;
    this.#at[run.first] = run;
    this.#at[start + ((run.first - start + run.count - 1) % (end - start))] = run;
    return run;
  }

  /** All runs of these rings as they are now. */
  of(ringNos: readonly number[]): GrowingRun[] {
    return ringNos.flatMap((ringNo) => [...this.#ofRing[ringNo]!]);
  }

  /** Whether it is one still; it may have become a part of another. */
  has(run: GrowingRun): boolean {
    return this.#ofRing[run.ringNo]!.has(run as Growing);
  }

  /** Whether a run is longer than this from end to end at the width that was reached; see `runLength`. */
  isLonger(run: GrowingRun, length: number): boolean {
    const { reach } = run as unknown as Growing;
    // Nearly every run is far too short, which the box around it tells at once; its ends lie at most a step beyond.
    const beyond = run.isWholeRing ? 0 : 2 * this.#samples.step;
    const [across, down] = [reach[1]! - reach[0]! + beyond, reach[DOWN + 1]! - reach[DOWN]! + beyond];
    if (across * across + down * down <= length * length) return false;
    const within = longestReach(reach);
    if (within > length || within + beyond <= length) return within > length;
    return lengthOfReach(this.#samples, this.#widths, run, reach) > length;
  }

  #stretch(run: Growing, i: number): void {
    const { x, y, corners } = this.#samples;
    reachTo(run.reach, x[i]!, y[i]!);
    if (!Number.isNaN(corners[2 * i])) reachTo(run.reach, corners[2 * i]!, corners[2 * i + 1]!);
  }
}

function joinReach(reach: Float64Array, other: Float64Array): void {
  for (let k = 0; k < reach.length; k += 2) {
    if (other[k]! < reach[k]!) reach[k] = other[k]!;
    if (other[k + 1]! > reach[k + 1]!) reach[k + 1] = other[k + 1]!;
  }
}

/** The same length as `runLength` finds, of what was gathered while the run grew: it is asked whenever a run gains a sample. */
function lengthOfReach(samples: OutlineSamples, widths: Float64Array, run: GrowingRun, reach: Float64Array): number {
  if (run.isWholeRing) return longestReach(reach);
  const whole = reach.slice();
  for (const [x, y] of endPoints(samples, widths, run, run.since)) reachTo(whole, x, y);
  return longestReach(whole);
}

function fresh(ringNo: number, first: number): Growing {
  return { ringNo, first, count: 0, isWholeRing: false, since: 0, before: 0, reach: noReach() };
}
