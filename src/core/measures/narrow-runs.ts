import { comesApart, discDistance } from './comes-apart';
import { type GrowingRun, GrowingRuns } from './growing-runs';
import type { LocalWidths } from './local-width';
import { type LostRun, holdsSample, lostRuns } from './lost-runs';
import { runLength } from './run-reach';
import type { OutlineSamples } from './sample-outline';

/** One side of an outline: its material, or what is not material. */
export interface Side {
  readonly samples: OutlineSamples;
  readonly widths: LocalWidths;
  readonly sign: 1 | -1;
  /** Numbers of the rings around each region that has to stay in one part. */
  readonly regions: readonly (readonly number[])[];
  /** A region may be lost whole. */
  readonly mayVanish: boolean;
  /** What closes to a point is told apart; otherwise a long point is as bad as any other thin run. */
  readonly tellsPoints: boolean;
}

/** What an opening by a disc of this width takes away that it may not. */
export interface NarrowRun {
  readonly run: LostRun;
  readonly width: number;
}

export interface NarrowRuns {
  readonly narrow: NarrowRun | null;
  /** Both sides of it are one run round its end, and a good part of it is much narrower. */
  readonly point: NarrowRun | null;
}

/**
 * The least width of all at which something is broken, and of what closes to a point the least as well, up to `most`: a run that is
 * lost over more than max(`leastRun`, 3 widths), or a region that is not left in one part. A point that only shows at a greater width
 * than what is narrow is not looked for.
 *
 * Asked from narrow to wide. A passage of 0.4 mm over 2 mm is broken at 0.4, but not at 0.7, where it would have to be longer: to
 * halve between two widths is to find it by luck. A run only changes where it gains a sample, so that nothing lies between.
 */
export function narrowRuns(side: Side, limits: { readonly most: number; readonly leastRun: number }): NarrowRuns {
  return new Sweep(side, limits.leastRun).upTo(limits.most);
}

/** Adds samples from narrow to wide and looks at whatever gained one. */
class Sweep {
  readonly #runs: GrowingRuns;
  readonly #regionOf: readonly (readonly number[])[];
  /** At which width a run closed to a point. */
  readonly #closedAt = new Map<LostRun, number>();
  /** Runs that grew since it was asked, at that width, whether their regions come apart. */
  readonly #grown = new Set<GrowingRun>();
  #wholeAt = 0;
  #width = 0;
  #point: NarrowRun | null = null;

  constructor(
    private readonly side: Side,
    private readonly leastRun: number,
  ) {
    this.#runs = new GrowingRuns(side.samples, side.widths.width);
    this.#regionOf = regionsByRing(side);
  }

  upTo(most: number): NarrowRuns {
    const { width: widths } = this.side.widths;
    let batch = 0;
    for (const i of fromNarrowToWide(widths, most)) {
      if (widths[i]! > batch * ASK_AGAIN) {
        const parting = this.#parting();
        if (parting) return { narrow: parting, point: this.#point };
        batch = widths[i]!;
      }
      const run = this.#runs.add(i);
      this.#width = run.since;
      this.#grown.add(run);
      const narrow = this.#tooLong(run);
      // Whatever came apart before it was too long comes first.
      if (narrow) return { narrow: this.#parting() ?? narrow, point: this.#point };
    }
    return { narrow: this.#parting(), point: this.#point };
  }

  /** The run where it is too long and a passage; where it closes to a point, that is kept. */
  #tooLong(run: GrowingRun): NarrowRun | null {
    const { side, leastRun } = this;
    const width = run.since;
    if (width < (this.#closedAt.get(run) ?? 0) * ASK_AGAIN) return null;
    if (!this.#runs.isLonger(run, longest(width, leastRun))) return null;
    const closes = closesToPoint(side, run, width);
    if (!closes && closesSoon(side, run, width)) return null;
    const found = () => ({
      run: { ...run },
      width: begins(run.before, width, isLongAt(side, run, leastRun, closes)),
    });
    if (!closes) return found();
    this.#closedAt.set(run, width);
    this.#point ??= found();
    return null;
  }

  /** A run at which some region comes apart, of those that grew since it was asked last. */
  #parting(): NarrowRun | null {
    const { side } = this;
    const [from, width] = [this.#wholeAt, this.#width];
    const asked = new Set<readonly number[]>();
    const runsOf = new Map<readonly number[], readonly GrowingRun[]>();
    for (const run of this.#grown) {
      const region = this.#regionOf[run.ringNo]!;
      if (region.length === 0 || asked.has(region) || !this.#runs.has(run)) continue;
      const ofRegion = () => runsOf.get(region) ?? keptIn(runsOf, region, this.#runs.of(region));
      if (!mayPart(side, run, ofRegion, width)) continue;
      asked.add(region);
      if (!isParted(side, region, ofRegion(), width)) continue;
      if (!isPartedAt(side, region, width * STAYS_PARTED)) continue;
      return { run: { ...run }, width: begins(from, width, (at) => isPartedAt(side, region, at)) };
    }
    this.#grown.clear();
    this.#wholeAt = width;
    return null;
  }
}

function keptIn<K, V>(kept: Map<K, V>, key: K, value: V): V {
  kept.set(key, value);
  return value;
}

/** A run that is no longer is held by what is beside it. */
function longest(width: number, leastRun: number): number {
  return Math.max(leastRun, 3 * width);
}

/** Sorted as numbers, which is several times faster than by a comparison: a width with its sample in what it has left over. */
function fromNarrowToWide(width: Float64Array, most: number): Int32Array {
  const num = width.length;
  const keys = new Float64Array(num);
  let count = 0;
  const scale = 2 ** 52 / (num * most);
  for (let i = 0; i < num; i++) if (width[i]! < most) keys[count++] = Math.floor(width[i]! * scale) * num + i;
  const sorted = keys.subarray(0, count).sort();
  const order = new Int32Array(count);
  for (let k = 0; k < count; k++) order[k] = sorted[k]! % num;
  return order;
}

function regionsByRing({ samples, regions }: Side): (readonly number[])[] {
  const regionOf = samples.rings.map((): readonly number[] => []);
  for (const region of regions) for (const ringNo of region) regionOf[ringNo] = region;
  return regionOf;
}

/** Between two samples that a run gained: enough for 1 % of any step. */
const NUM_HALVINGS = 5;
/** Nearer than so, of the width, nobody tells them apart. */
const NEAR_ENOUGH = 0.005;

/** Where, between a width at which it was not and one at which it is, it begins to be broken. */
function begins(not: number, broken: number, isBroken: (width: number) => boolean): number {
  let [low, high] = [not, broken];
  for (let k = 0; k < NUM_HALVINGS && high - low > NEAR_ENOUGH * high; k++) {
    const middle = (low + high) / 2;
    if (isBroken(middle)) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** Whether some of what is a run now was too long a run at a lesser width, of the same kind. */
function isLongAt(side: Side, now: LostRun, leastRun: number, closes: boolean): (width: number) => boolean {
  const { samples, widths } = side;
  return (width) =>
    lostRuns(samples, widths.width, width, [now.ringNo]).some(
      (run) =>
        (now.isWholeRing || holdsSample(samples, now, run.first)) &&
        runLength(samples, widths.width, run, width) > longest(width, leastRun) &&
        closesToPoint(side, run, width) === closes,
    );
}

function isPartedAt(side: Side, region: readonly number[], width: number): boolean {
  const runs = lostRuns(side.samples, side.widths.width, width, region);
  return isParted(side, region, runs, width);
}

/** Three quarters of a wedge are narrower than this share of its width, of a slot with parallel sides only the corners at its end: a fifth. */
const NARROW_SHARE = 0.75;

/** How much of a run has to be narrow for it to close to a point: a notch with a round end is one, too. */
const CLOSING_SHARE = 0.35;

function closesToPoint({ samples, widths, tellsPoints }: Side, run: LostRun, width: number): boolean {
  if (!tellsPoints) return false;
  const { ringStarts, x, y } = samples;
  const { width: local, opposite } = widths;
  const [start, end] = [ringStarts[run.ringNo]!, ringStarts[run.ringNo + 1]!];
  // Both sides of a notch belong to one run round its end; a passage has another run across.
  let [across, narrower, length] = [0, 0, 0];
  for (let k = 1, before = run.first; k < run.count; k++) {
    const i = before + 1 === end ? start : before + 1;
    const [dx, dy] = [x[i]! - x[before]!, y[i]! - y[before]!];
    const step = Math.sqrt(dx * dx + dy * dy);
    length += step;
    narrower += step * shareBelow(local[before]! - NARROW_SHARE * width, local[i]! - NARROW_SHARE * width);
    if (holdsSample(samples, run, opposite[i]!)) across += step;
    before = i;
  }
  return across * 2 > length && narrower > CLOSING_SHARE * length;
}

/** Both sides of an inlet with a wide end are one run only once the end is lost, too: just before, they look like a passage. */
const SOON = 1.03;

function closesSoon(side: Side, now: LostRun, width: number): boolean {
  const { samples, widths, tellsPoints } = side;
  if (!tellsPoints) return false;
  const later = lostRuns(samples, widths.width, width * SOON, [now.ringNo]).find(
    (run) => run.isWholeRing || holdsSample(samples, run, now.first),
  );
  return later !== undefined && closesToPoint(side, later, width * SOON);
}

/** How much of the way from one value to another lies below nought. */
function shareBelow(from: number, to: number): number {
  if (from < 0 === to < 0) return from < 0 ? 1 : 0;
  return Math.min(from, to) / (Math.min(from, to) - Math.max(from, to));
}

/** What is lost with the next hair of width is no part: a sliver would be told as two just before it vanishes. */
const STAYS_PARTED = 1.06;

/** Whether regions come apart, and runs still close to a point, is asked again at widths that are this much wider. */
const ASK_AGAIN = 1.02;

/** Only a run whose ends lie further apart than their discs reach can part anything. */
function mayPart(
  { samples, widths, sign }: Side,
  run: LostRun,
  runs: () => readonly LostRun[],
  width: number,
): boolean {
  return run.isWholeRing || discDistance(samples, widths, sign, run, runs, width) > width;
}

/** Whether a region comes apart, or is lost whole and may not. */
function isParted(
  { samples, widths, sign, mayVanish }: Side,
  region: readonly number[],
  runs: readonly LostRun[],
  width: number,
): boolean {
  const state = comesApart(samples, widths, sign, region, runs, width * (1 + 1e-9));
  return state === 'apart' || (state === 'gone' && !mayVanish);
}
