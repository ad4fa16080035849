import { comesApart, discDistance } from './comes-apart';
import { type GrowingRun, GrowingRuns } from './growing-runs';
import type { LocalWidths } from './local-width';
import { type LostRun, holdsSample, lostRuns, runLength, samplesOfRun } from './lost-runs';
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
export function narrowRuns(side: Side, { most, leastRun }: { most: number; leastRun: number }): NarrowRuns {
  const { samples, widths } = side;
  const runs = new GrowingRuns(samples, widths.width);
  const regionOf = regionsByRing(side);
  const wholeAt = new Map<readonly number[], number>();
  let point: NarrowRun | null = null;
  for (const i of fromNarrowToWide(widths.width, most)) {
    const run = runs.add(i);
    const width = run.since;
    const since = (from: number, is: (width: number) => boolean): NarrowRun => {
      return { run: { ...run }, width: begins(from, width, is) };
    };
    if (runs.isLonger(run, longest(width, leastRun))) {
      const closes = closesToPoint(side, run, width);
      if (closes) point ??= since(run.before, isLongAt(side, run, leastRun, true));
      else if (!closesSoon(side, run, width)) {
        return { narrow: since(run.before, isLongAt(side, run, leastRun, false)), point };
      }
    }
    const region = regionOf[runs.ringOf(i)]!;
    const whole = wholeAt.get(region) ?? 0;
    if (width < whole * ASK_AGAIN || !mayPart(side, region, run, () => runs.of(region))) continue;
    if (isParted(side, region, runs.of(region), width) && isPartedAt(side, region, width * STAYS_PARTED)) {
      return { narrow: since(Math.max(whole, run.before), (at) => isPartedAt(side, region, at)), point };
    }
    wholeAt.set(region, width);
  }
  return { narrow: null, point };
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
  return Int32Array.from(keys.subarray(0, count).sort(), (key) => key % num);
}

function regionsByRing({ samples, regions }: Side): (readonly number[])[] {
  const regionOf = samples.rings.map((): readonly number[] => []);
  for (const region of regions) for (const ringNo of region) regionOf[ringNo] = region;
  return regionOf;
}

/** Between two samples that a run gained: enough for 1 % of any step. */
const NUM_HALVINGS = 5;

/** Where, between a width at which it was not and one at which it is, it begins to be broken. */
function begins(not: number, broken: number, isBroken: (width: number) => boolean): number {
  let [low, high] = [not, broken];
  for (let k = 0; k < NUM_HALVINGS; k++) {
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
    lostRuns(samples, widths.width, width).some(
      (run) =>
        (now.isWholeRing ? run.ringNo === now.ringNo : holdsSample(samples, now, run.first)) &&
        runLength(samples, widths.width, run, width) > longest(width, leastRun) &&
        closesToPoint(side, run, width) === closes,
    );
}

function isPartedAt(side: Side, region: readonly number[], width: number): boolean {
  const runs = lostRuns(side.samples, side.widths.width, width).filter(({ ringNo }) => region.includes(ringNo));
  return isParted(side, region, runs, width);
}

/** Three quarters of a wedge are narrower than this share of its width, of a slot with parallel sides only the corners at its end: a fifth. */
const NARROW_SHARE = 0.75;

/** How much of a run has to be narrow for it to close to a point: a notch with a round end is one, too. */
const CLOSING_SHARE = 0.35;

function closesToPoint({ samples, widths, tellsPoints }: Side, run: LostRun, width: number): boolean {
  if (!tellsPoints) return false;
  const { x, y } = samples;
  // Both sides of a notch belong to one run round its end; a passage has another run across.
  let [across, narrower, length] = [0, 0, 0];
  let before = -1;
  for (const i of samplesOfRun(samples, run)) {
    if (before >= 0) {
      const step = Math.hypot(x[i]! - x[before]!, y[i]! - y[before]!);
      const over = (at: number) => widths.width[at]! - NARROW_SHARE * width;
      length += step;
      narrower += step * shareBelow(over(before), over(i));
      if (holdsSample(samples, run, widths.opposite[i]!)) across += step;
    }
    before = i;
  }
  return across * 2 > length && narrower > CLOSING_SHARE * length;
}

/** Both sides of an inlet with a wide end are one run only once the end is lost, too: just before, they look like a passage. */
const SOON = 1.03;

function closesSoon(side: Side, now: LostRun, width: number): boolean {
  const { samples, widths, tellsPoints } = side;
  if (!tellsPoints) return false;
  const later = lostRuns(samples, widths.width, width * SOON).find(
    (run) => run.ringNo === now.ringNo && (run.isWholeRing || holdsSample(samples, run, now.first)),
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

/** A region is asked whether it comes apart at widths that are this much wider. */
const ASK_AGAIN = 1.01;

/** Only a run whose ends lie further apart than their discs reach can part anything. */
function mayPart(
  { samples, widths, sign }: Side,
  region: readonly number[],
  run: GrowingRun,
  runs: () => readonly LostRun[],
): boolean {
  if (region.length === 0) return false;
  return run.isWholeRing || discDistance(samples, widths, sign, run, runs, run.since) > run.since;
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
