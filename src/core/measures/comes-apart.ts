import type { LocalWidths } from './local-width';
import { type LostRun, afterRun, beforeRun, holdsSample, lastOfRun, narrowestOfRun, shareOfWay } from './lost-runs';
import type { OutlineSamples } from './sample-outline';

/**
 * Whether an opening by a disc of diameter `width` leaves the region inside `ringNos` in more than one part, or nothing.
 *
 * Every sample that stays carries a disc of that diameter which touches the outline there and lies inside. Two samples are
 * in one part when they are neighbours, when they face each other, or when their discs overlap across a lost run.
 */
export function comesApart(
  samples: OutlineSamples,
  local: LocalWidths,
  sign: 1 | -1,
  ringNos: readonly number[],
  runs: readonly LostRun[],
  width: number,
): 'whole' | 'apart' | 'gone' {
  const parts = new Parts(samples.ringStarts, ringNos, local.width, width);
  for (const run of runs) {
    if (parts.count <= 1) break;
    if (run.isWholeRing || discDistance(samples, local, sign, run, () => runs, width) > width) continue;
    parts.join(beforeRun(samples, run), afterRun(samples, run));
  }
  // Most regions hang together by what faces each other alone, and most of those by the first few.
  for (const ringNo of ringNos)
    parts.joinAcross(samples.ringStarts[ringNo]!, samples.ringStarts[ringNo + 1]!, local.opposite);
  if (parts.count > 1) joinWideInPlace(parts, samples, local, { sign, ringNos, width });
  return parts.count === 0 ? 'gone' : parts.count === 1 ? 'whole' : 'apart';
}

/** Where it was too wide to have been looked across, it is looked across now, as far as it takes. */
function joinWideInPlace(
  parts: Parts,
  samples: OutlineSamples,
  { width: widths, opposite }: LocalWidths,
  { sign, ringNos, width }: Opening,
): void {
  const { ringStarts } = samples;
  let lost: readonly Lost[] | null = null;
  for (const ringNo of ringNos) {
    for (let i = ringStarts[ringNo]!; i < ringStarts[ringNo + 1]! && parts.count > 1; i++) {
      if (widths[i]! < width || opposite[i]! >= 0) continue;
      lost ??= lostOf(samples, ringNos, widths, width);
      const across = hitByRay(samples, sign, ringNos, i, { lost, width });
      if (across >= 0) parts.joinNear(i, across);
    }
  }
}

/** An opening of one region by a disc of this diameter. */
interface Opening {
  readonly sign: 1 | -1;
  readonly ringNos: readonly number[];
  readonly width: number;
}

/** A sample that an opening loses, with the way to the next one of its ring. */
interface Lost {
  readonly at: number;
  readonly step: number;
}

function lostOf(
  { rings, ringStarts }: OutlineSamples,
  ringNos: readonly number[],
  widths: Float64Array,
  width: number,
): readonly Lost[] {
  const lost: Lost[] = [];
  for (const ringNo of ringNos) {
    const { step } = rings[ringNo]!;
    for (let at = ringStarts[ringNo]!; at < ringStarts[ringNo + 1]!; at++)
      if (widths[at]! < width) lost.push({ at, step });
  }
  return lost;
}

/**
 * The first sample of these rings that a ray across the region meets; -1 when it meets none, or passes what is lost so closely
 * that no disc goes that way: it may have gone through a neck. What it meets is looked for once, since only what is lost changes with
 * the disc.
 */
function hitByRay(
  samples: OutlineSamples,
  sign: 1 | -1,
  ringNos: readonly number[],
  from: number,
  { lost, width }: { readonly lost: readonly Lost[]; readonly width: number },
): number {
  const { x, y, normalX, normalY } = samples;
  const rays = raysOf(samples, sign);
  if (rays.hit[from] === UNKNOWN) castInPlace(rays, samples, sign, ringNos, from);
  const nearest = rays.along[from]!;
  const [nx, ny] = [sign * normalX[from]!, sign * normalY[from]!];
  for (const { at, step } of lost) {
    const dx = x[at]! - x[from]!;
    const dy = y[at]! - y[from]!;
    const along = nx * dx + ny * dy;
    if (along <= step || along >= nearest - width / 2) continue;
    if (Math.abs(nx * dy - ny * dx) <= width / 2) return -1;
  }
  return rays.hit[from]!;
}

/** What each sample's ray meets first, and how far away. */
interface Rays {
  readonly hit: Int32Array;
  readonly along: Float64Array;
}

const UNKNOWN = -2;
const known = new WeakMap<OutlineSamples, Map<1 | -1, Rays>>();

function raysOf(samples: OutlineSamples, sign: 1 | -1): Rays {
  const bySide = known.get(samples) ?? new Map<1 | -1, Rays>();
  known.set(samples, bySide);
  const num = samples.x.length;
  const rays = bySide.get(sign) ?? { hit: new Int32Array(num).fill(UNKNOWN), along: new Float64Array(num) };
  bySide.set(sign, rays);
  return rays;
}

function castInPlace(
  { hit, along: alongs }: Rays,
  { x, y, normalX, normalY, ringStarts, rings }: OutlineSamples,
  sign: 1 | -1,
  ringNos: readonly number[],
  from: number,
): void {
  const [nx, ny] = [sign * normalX[from]!, sign * normalY[from]!];
  hit[from] = -1;
  let nearest = Infinity;
  for (const ringNo of ringNos) {
    const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
    const { step } = rings[ringNo]!;
    for (let i = start; i < end; i++) {
      const dx = x[i]! - x[from]!;
      const dy = y[i]! - y[from]!;
      const along = nx * dx + ny * dy;
      if (along <= step || along >= nearest || Math.abs(nx * dy - ny * dx) > step) continue;
      nearest = along;
      hit[from] = i;
    }
  }
  alongs[from] = nearest;
}

/** Stretches of samples that stay, and which of them were found to hang together. What does not stay takes no part: to join it does nothing. */
class Parts {
  readonly #first: number;
  /** Of the samples from the first on, their stretch; -1 where none is. */
  readonly #stretch: Int32Array;
  readonly #parent: number[] = [];
  count: number;

  constructor(ringStarts: readonly number[], ringNos: readonly number[], widths: Float64Array, width: number) {
    this.#first = ringStarts[Math.min(...ringNos)]!;
    const end = ringStarts[Math.max(...ringNos) + 1]!;
    this.#stretch = new Int32Array(end - this.#first).fill(-1);
    for (const ringNo of ringNos) this.#addRing(ringStarts[ringNo]!, ringStarts[ringNo + 1]!, widths, width);
    this.count = this.#parent.length;
  }

  #addRing(start: number, end: number, widths: Float64Array, width: number): void {
    const numBefore = this.#parent.length;
    let isWithin = false;
    for (let i = start; i < end; i++) {
      const isThere = widths[i]! >= width;
      if (isThere && !isWithin) this.#parent.push(this.#parent.length);
      if (isThere) this.#stretch[i - this.#first] = this.#parent.length - 1;
      isWithin = isThere;
    }
    // The stretch that goes over the ring's beginning is one.
    const isRound = isWithin && this.#stretch[start - this.#first]! >= 0;
    if (!isRound || this.#parent.length - numBefore < 2) return;
    this.#parent.pop();
    for (let i = end - 1; this.#stretch[i - this.#first] === this.#parent.length; i--)
      this.#stretch[i - this.#first] = numBefore;
  }

  /** Those of these samples that have something across with what they have. */
  joinAcross(start: number, end: number, opposite: Int32Array): void {
    // Whole stretches lie across each other, and those were joined by the first two of their samples.
    let [one, two] = [-1, -1];
    for (let i = start; i < end && this.count > 1; i++) {
      const across = opposite[i]!;
      if (across < 0) continue;
      const [from, to] = [this.#of(i), this.#of(across)];
      if (from < 0 || (from === one && to === two)) continue;
      this.joinNear(i, across);
      [one, two] = to < 0 ? [-1, -1] : [from, to];
    }
  }

  /** Samples of the two sides rarely stand exactly across: a neighbour will do where the facing one is lost. */
  joinNear(sample: number, across: number): void {
    if (this.#of(across) >= 0) {
      this.join(sample, across);
      return;
    }
    this.join(sample, across - 1);
    this.join(sample, across + 1);
  }

  #of(sample: number): number {
    return this.#stretch[sample - this.#first] ?? -1;
  }

  join(sample: number, other: number): void {
    const [one, two] = [this.#of(sample), this.#of(other)];
    if (one < 0 || two < 0 || one === two) return;
    const [a, b] = [this.#root(one), this.#root(two)];
    if (a === b) return;
    this.#parent[a] = b;
    this.count--;
  }

  #root(stretch: number): number {
    const parent = this.#parent;
    while (parent[stretch] !== stretch) {
      parent[stretch] = parent[parent[stretch]!]!;
      stretch = parent[stretch]!;
    }
    return stretch;
  }
}

/**
 * Between the centres of the discs at both ends of a run, where the outline is just as wide as they are. The banks of a neck
 * have the same two discs at their ends: where one bank ends at a corner, the other says better where they lie.
 */
export function discDistance(
  samples: OutlineSamples,
  { width: widths, opposite }: LocalWidths,
  sign: 1 | -1,
  run: LostRun,
  runs: () => readonly LostRun[],
  width: number,
): number {
  const told = endsAtCorner(samples, run) ? otherBank(samples, widths, opposite, run, runs()) : run;
  const half = (sign * width) / 2;
  discCentre(samples, widths, beforeRun(samples, told), told.first, width, half);
  const [x, y] = [CENTRE.x, CENTRE.y];
  discCentre(samples, widths, afterRun(samples, told), lastOfRun(samples, told), width, half);
  const [dx, dy] = [x - CENTRE.x, y - CENTRE.y];
  return Math.sqrt(dx * dx + dy * dy);
}

/** The run across where a run is narrowest, if that one ends at no corner; itself where none is better. */
function otherBank(
  samples: OutlineSamples,
  widths: Float64Array,
  opposite: Int32Array,
  run: LostRun,
  runs: readonly LostRun[],
): LostRun {
  const across = opposite[narrowestOfRun(samples, widths, run)]!;
  const other = runs.find((bank) => holdsSample(samples, bank, across));
  return other && !other.isWholeRing && !endsAtCorner(samples, other) ? other : run;
}

/** Cosine of the turn from which the way from one sample to the next goes round a corner. */
const COS_OF_CORNER = 0.7;

function endsAtCorner(samples: OutlineSamples, run: LostRun): boolean {
  return (
    isRoundCorner(samples, beforeRun(samples, run), run.first) ||
    isRoundCorner(samples, afterRun(samples, run), lastOfRun(samples, run))
  );
}

function isRoundCorner({ normalX, normalY }: OutlineSamples, i: number, j: number): boolean {
  return normalX[i]! * normalX[j]! + normalY[i]! * normalY[j]! < COS_OF_CORNER;
}

/** Where the disc lies that was asked for last: made once, since two are asked for at every width of every run. */
const CENTRE = { x: 0, y: 0 };

/** Between a sample that stays and its lost neighbour, where the width passes `width`. */
function discCentre(
  { x, y, normalX, normalY }: OutlineSamples,
  widths: Float64Array,
  stays: number,
  lost: number,
  width: number,
  half: number,
): void {
  const share = shareOfWay(widths, stays, lost, width);
  const nx = normalX[stays]! + share * (normalX[lost]! - normalX[stays]!);
  const ny = normalY[stays]! + share * (normalY[lost]! - normalY[stays]!);
  const reach = half / (Math.sqrt(nx * nx + ny * ny) || 1);
  CENTRE.x = x[stays]! + share * (x[lost]! - x[stays]!) + reach * nx;
  CENTRE.y = y[stays]! + share * (y[lost]! - y[stays]!) + reach * ny;
}
