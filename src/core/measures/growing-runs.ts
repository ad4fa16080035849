import { DIRECTIONS, type LostRun, endPoints } from './lost-runs';
import type { OutlineSamples } from './sample-outline';

/** A run that grows as wider and wider discs are asked for. */
export interface GrowingRun extends LostRun {
  /** The width at which it was as it is now; at less it was smaller, or two. */
  readonly since: number;
  /** The width before that at which it grew. */
  readonly before: number;
}

/** The same while it grows; `extents` are the least and the most of each direction over its samples. */
interface Growing {
  ringNo: number;
  first: number;
  count: number;
  isWholeRing: boolean;
  since: number;
  before: number;
  extents: Float64Array;
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
    const run = left ??
      right ?? { ringNo, first: i, count: 0, isWholeRing: false, since: 0, before: 0, extents: empty() };
    if (!left) run.first = i;
    run.before = Math.max(left?.since ?? 0, right?.since ?? 0);
    run.since = width;
    run.count++;
    this.#stretch(run, i);
    if (left && right && left !== right) {
      run.count += right.count;
      for (let k = 0; k < run.extents.length; k += 2) {
        run.extents[k] = Math.min(run.extents[k]!, right.extents[k]!);
        run.extents[k + 1] = Math.max(run.extents[k + 1]!, right.extents[k + 1]!);
      }
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

  ringOf(sample: number): number {
    return this.#ringOf[sample]!;
  }

  /** Whether a run is longer than this from end to end at the width that was reached; see `runLength`. */
  isLonger(run: GrowingRun, length: number): boolean {
    const { extents } = run as unknown as Growing;
    // Upright and across say how long it can be at most, with a sample's way at either end.
    const around = Math.hypot(extents[1]! - extents[0]!, extents[2 * UPRIGHT + 1]! - extents[2 * UPRIGHT]!);
    if (around + 2 * this.#samples.rings[run.ringNo]!.step <= length) return false;
    const ends = run.isWholeRing ? [] : endPoints(this.#samples, this.#widths, run, run.since);
    for (let k = 0; k < DIRECTIONS.length; k++) {
      const [cos, sin] = DIRECTIONS[k]!;
      let least = extents[2 * k]!;
      let most = extents[2 * k + 1]!;
      for (const [endX, endY] of ends) {
        const along = endX * cos + endY * sin;
        least = Math.min(least, along);
        most = Math.max(most, along);
      }
      if (most - least > length) return true;
    }
    return false;
  }

  #stretch({ extents }: Growing, i: number): void {
    const { x, y, corners } = this.#samples;
    const hasCorner = !Number.isNaN(corners[2 * i]);
    for (let k = 0; k < DIRECTIONS.length; k++) {
      const [cos, sin] = DIRECTIONS[k]!;
      const along = x[i]! * cos + y[i]! * sin;
      const tip = hasCorner ? corners[2 * i]! * cos + corners[2 * i + 1]! * sin : along;
      extents[2 * k] = Math.min(extents[2 * k]!, along, tip);
      extents[2 * k + 1] = Math.max(extents[2 * k + 1]!, along, tip);
    }
  }
}

/** Which direction stands upright. */
const UPRIGHT = DIRECTIONS.length / 2;

function empty(): Float64Array {
  const extents = new Float64Array(2 * DIRECTIONS.length);
  for (let k = 0; k < extents.length; k += 2) {
    extents[k] = Infinity;
    extents[k + 1] = -Infinity;
  }
  return extents;
}
