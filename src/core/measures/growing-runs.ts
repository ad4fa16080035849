import type { LostRun } from './lost-runs';
import { type Reach, lengthOfReach, longestReach, reachOfRun, reachRun, reachSample } from './run-reach';
import type { OutlineSamples } from './sample-outline';

/** A run that grows as wider and wider discs are asked for. */
export interface GrowingRun extends LostRun {
  /** The width at which it was as it is now; at less it was smaller, or two. */
  readonly since: number;
  /** The width before that at which it grew. */
  readonly before: number;
}

/** The same while it grows, with the box around its samples and their corners; how far they reach once that was asked. */
interface Growing {
  ringNo: number;
  first: number;
  count: number;
  isWholeRing: boolean;
  since: number;
  before: number;
  minX: number;
  minY: number;
  maxX: number;
  maxY: number;
  reach: Reach | null;
}

/** What an opening loses, as its disc grows: samples are added from narrow to wide, and runs that meet become one. */
export class GrowingRuns {
  readonly #samples: OutlineSamples;
  readonly #widths: Float64Array;
  /** The run that begins or ends at a sample; of those between, no matter which. */
  readonly #at: (Growing | null)[];
  readonly #ofRing: Set<Growing>[];

  constructor(samples: OutlineSamples, widths: Float64Array) {
    this.#samples = samples;
    this.#widths = widths;
    this.#at = new Array<Growing | null>(widths.length).fill(null);
    this.#ofRing = samples.rings.map(() => new Set());
  }

  /** Loses one more sample, the narrowest that is left, and gives the run that it belongs to now. */
  add(i: number): GrowingRun {
    const width = this.#widths[i]!;
    const ringNo = this.#samples.ringNos[i]!;
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
      this.#takeIn(left, right);
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
    const { minX, minY, maxX, maxY } = run as unknown as Growing;
    const [across, down] = [maxX - minX, maxY - minY];
    if (across > length || down > length) return true;
    // Nearly every run is far too short, which the box around it tells at once; its ends lie at most a step beyond.
    const beyond = run.isWholeRing ? 0 : 2 * this.#samples.step;
    if ((across + beyond) * (across + beyond) + (down + beyond) * (down + beyond) <= length * length) return false;
    const reach = ((run as unknown as Growing).reach ??= reachOfRun(this.#samples, run));
    const within = longestReach(reach);
    if (within > length || within + beyond <= length) return within > length;
    return lengthOfReach(reach, this.#samples, this.#widths, run, run.since) > length;
  }

  /** Takes in the run after it. */
  #takeIn(run: Growing, right: Growing): void {
    stretchInPlace(run, right.minX, right.minY);
    stretchInPlace(run, right.maxX, right.maxY);
    if (run.reach) reachRun(run.reach, this.#samples, right);
    run.count += right.count;
  }

  #stretch(run: Growing, i: number): void {
    const { x, y, corners } = this.#samples;
    stretchInPlace(run, x[i]!, y[i]!);
    if (!Number.isNaN(corners[2 * i])) stretchInPlace(run, corners[2 * i]!, corners[2 * i + 1]!);
    if (run.reach) reachSample(run.reach, this.#samples, i);
  }
}

function stretchInPlace(run: Growing, x: number, y: number): void {
  if (x < run.minX) run.minX = x;
  if (y < run.minY) run.minY = y;
  if (x > run.maxX) run.maxX = x;
  if (y > run.maxY) run.maxY = y;
}

function fresh(ringNo: number, first: number): Growing {
  const nowhere = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity };
  return { ringNo, first, count: 0, isWholeRing: false, since: 0, before: 0, ...nowhere, reach: null };
}
