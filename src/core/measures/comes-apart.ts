import type { LocalWidths } from './local-width';
import { type LostRun, endsOfRun, holdsSample, lastOfRun, narrowestOfRun, shareOfWay } from './lost-runs';
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
  const { width: widths, opposite } = local;
  const { ringStarts } = samples;
  const stays = (i: number) => widths[i]! >= width;
  const parts = new Parts(ringStarts, ringNos, stays);
  for (const run of runs) {
    if (parts.count <= 1) break;
    if (run.isWholeRing) continue;
    const [before, after] = endsOfRun(samples, run);
    if (discDistance(samples, local, sign, run, () => runs, width) <= width) parts.join(before, after);
  }
  // Most regions hang together by what faces each other alone, and most of those by the first few.
  for (const ringNo of ringNos) {
    for (let i = ringStarts[ringNo]!; i < ringStarts[ringNo + 1]! && parts.count > 1; i++) {
      if (stays(i) && opposite[i]! >= 0) joinAcross(parts, stays, i, opposite[i]!);
    }
  }
  if (parts.count > 1) joinWideInPlace(parts, samples, local, { sign, ringNos, stays, width });
  return parts.count === 0 ? 'gone' : parts.count === 1 ? 'whole' : 'apart';
}

/** Where it was too wide to have been looked across, it is looked across now, as far as it takes. */
function joinWideInPlace(
  parts: Parts,
  samples: OutlineSamples,
  { opposite }: LocalWidths,
  { sign, ringNos, stays, width }: Opening,
): void {
  const { ringStarts } = samples;
  let lost: readonly Lost[] | null = null;
  for (const ringNo of ringNos) {
    for (let i = ringStarts[ringNo]!; i < ringStarts[ringNo + 1]! && parts.count > 1; i++) {
      if (!stays(i) || opposite[i]! >= 0) continue;
      lost ??= lostOf(samples, ringNos, stays);
      const across = hitByRay(samples, sign, ringNos, i, { lost, width });
      if (across >= 0) joinAcross(parts, stays, i, across);
    }
  }
}

/** An opening of one region by a disc of this diameter. */
interface Opening {
  readonly sign: 1 | -1;
  readonly ringNos: readonly number[];
  readonly stays: (i: number) => boolean;
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
  stays: (i: number) => boolean,
): readonly Lost[] {
  const lost: Lost[] = [];
  for (const ringNo of ringNos) {
    const { step } = rings[ringNo]!;
    for (let at = ringStarts[ringNo]!; at < ringStarts[ringNo + 1]!; at++) if (!stays(at)) lost.push({ at, step });
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

  constructor(ringStarts: readonly number[], ringNos: readonly number[], stays: (i: number) => boolean) {
    this.#first = ringStarts[Math.min(...ringNos)] ?? 0;
    const end = ringStarts[Math.max(...ringNos) + 1] ?? 0;
    this.#stretch = new Int32Array(Math.max(0, end - this.#first)).fill(-1);
    for (const ringNo of ringNos) this.#addRing(ringStarts[ringNo]!, ringStarts[ringNo + 1]!, stays);
    this.count = this.#parent.length;
  }

  #addRing(start: number, end: number, stays: (i: number) => boolean): void {
    const numBefore = this.#parent.length;
    let isWithin = false;
    for (let i = start; i < end; i++) {
      const isThere = stays(i);
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

  join(sample: number, other: number): void {
    const [one, two] = [this.#stretch[sample - this.#first] ?? -1, this.#stretch[other - this.#first] ?? -1];
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
  const other = endsAtCorner(samples, run)
    ? runs().find((bank) => holdsSample(samples, bank, opposite[narrowestOfRun(samples, widths, run)]!))
    : undefined;
  const told = other && !other.isWholeRing && !endsAtCorner(samples, other) ? other : run;
  const [before, after] = endsOfRun(samples, told);
  const half = (sign * width) / 2;
  const [x0, y0] = discCentre(samples, widths, before, told.first, width, half);
  const [x1, y1] = discCentre(samples, widths, after, lastOfRun(samples, told), width, half);
  const [dx, dy] = [x0 - x1, y0 - y1];
  return Math.sqrt(dx * dx + dy * dy);
}

/** Cosine of the turn from which the way from one sample to the next goes round a corner. */
const COS_OF_CORNER = 0.7;

function endsAtCorner(samples: OutlineSamples, run: LostRun): boolean {
  const { normalX, normalY } = samples;
  const [before, after] = endsOfRun(samples, run);
  const cos = (i: number, j: number) => normalX[i]! * normalX[j]! + normalY[i]! * normalY[j]!;
  return cos(before, run.first) < COS_OF_CORNER || cos(after, lastOfRun(samples, run)) < COS_OF_CORNER;
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
  const [nx, ny] = [between(normalX), between(normalY)];
  const reach = half / (Math.sqrt(nx * nx + ny * ny) || 1);
  return [between(x) + reach * nx, between(y) + reach * ny];
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
