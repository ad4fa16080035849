import type { PointGrid } from './point-grid';
import type { OutlineSamples } from './sample-outline';

/**
 * For every sample the diameter of the largest disc that touches the outline there and stays on one side of it, with the
 * sample that it touches opposite. `Infinity` and -1 where nothing lies within the cut-off.
 */
export interface LocalWidths {
  readonly width: Float64Array;
  readonly opposite: Int32Array;
}

/** Widths of samples that were looked at before and stand where they stood. */
export interface KnownWidths {
  readonly widths: LocalWidths;
  /** Which it was then; -1 for one that is new. */
  readonly sampleOf: Int32Array;
  /** For each that was there then, the one that is there now, or next to it. */
  readonly nowAt: Int32Array;
}

/**
 * A disc that touches the outline at p with normal n and passes through q has the diameter |pq|² / (n·pq); the largest
 * disc that fits is the least over all q.
 *
 *        q
 *      .-'-.       only points inside the disc found so far can make it smaller,
 *     (     )      so the box that has to be searched shrinks as it goes
 *      `-.-'
 *        p ──── outline
 */
export function localWidths(
  samples: OutlineSamples,
  grid: PointGrid,
  side: 'inside' | 'outside',
  cutOff: number,
  known?: KnownWidths,
): LocalWidths {
  const { x, normalX, normalY } = samples;
  const num = x.length;
  const width = new Float64Array(num).fill(Infinity);
  const opposite = new Int32Array(num).fill(-1);
  if (num === 0) return { width, opposite };
  const sign = side === 'inside' ? 1 : -1;
  const disc: Disc = { width: cutOff, opposite: -1 };
  for (let i = 0; i < num; i++) {
    const from = known ? known.sampleOf[i]! : -1;
    if (known && from >= 0) {
      width[i] = known.widths.width[from]!;
      const touched = known.widths.opposite[from]!;
      if (touched >= 0) opposite[i] = known.nowAt[touched]!;
      continue;
    }
    const nx = sign * normalX[i]!;
    const ny = sign * normalY[i]!;
    guessInPlace(disc, samples, i, nx, ny, cutOff);
    shrinkInPlace(disc, samples, grid, i, nx, ny);
    if (disc.opposite < 0) continue;
    width[i] = refined(samples, i, nx, ny, disc.width, disc.opposite);
    opposite[i] = disc.opposite;
  }
  narrowCornersInPlace(samples, sign, width);
  return { width, opposite };
}

/** Cosine of the turn from which a bend between three samples is a corner. */
const COS_OF_CORNER = 0.64;

/** No disc touches a corner from within it: a sample there is as narrow as its narrower neighbour. */
function narrowCornersInPlace(
  { normalX, normalY, ringStarts }: OutlineSamples,
  sign: number,
  width: Float64Array,
): void {
  const original = width.slice();
  for (let ringNo = 0; ringNo + 1 < ringStarts.length; ringNo++) {
    const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
    for (let i = start; i < end; i++) {
      const before = i === start ? end - 1 : i - 1;
      const after = i === end - 1 ? start : i + 1;
      const turn = normalX[before]! * normalY[after]! - normalY[before]! * normalX[after]!;
      const cos = normalX[before]! * normalX[after]! + normalY[before]! * normalY[after]!;
      if (sign * turn > 0 && cos < COS_OF_CORNER) {
        width[i] = Math.min(original[before]!, original[i]!, original[after]!);
      }
    }
  }
}

/** The disc found so far at one sample. */
interface Disc {
  width: number;
  opposite: number;
}

/** The samples in cells that suit a search up to this cut-off. */
export function fillFor(grid: PointGrid, { x, y }: OutlineSamples, cutOff: number): PointGrid {
  return grid.fill(x, y, cutOff / CELLS_PER_CUT_OFF);
}

/** Measured: fewer make cells with many points in them, more make many empty cells. */
const CELLS_PER_CUT_OFF = 6;

/**
 * Only what faces p within 60° of its normal counts: beyond that the outline's own bend next to p would be taken for an
 * opposite side. A wedge of up to 120° still narrows to its tip.
 */
const COS2_OF_CONE = 0.25;

/** What the sample before touched, this one nearly touches too: a small disc from the start leaves little to search. */
function guessInPlace(disc: Disc, { x, y }: OutlineSamples, i: number, nx: number, ny: number, cutOff: number): void {
  const last = disc.opposite;
  let width = cutOff;
  let opposite = -1;
  if (last >= 0) {
    const end = Math.min(x.length - 1, last + 1);
    for (let q = Math.max(0, last - 1); q <= end; q++) {
      const dx = x[q]! - x[i]!;
      const dy = y[q]! - y[i]!;
      const along = nx * dx + ny * dy;
      const distance2 = dx * dx + dy * dy;
      if (distance2 >= width * along || along * along < COS2_OF_CONE * distance2) continue;
      width = distance2 / along;
      opposite = q;
    }
  }
  disc.width = width;
  disc.opposite = opposite;
}

/** Looks at every point in the box around the disc. */
function shrinkInPlace(
  disc: Disc,
  samples: OutlineSamples,
  { minX, minY, cell, columns, rows, starts, order, sortedX, sortedY }: PointGrid,
  i: number,
  nx: number,
  ny: number,
): void {
  const px = samples.x[i]!;
  const py = samples.y[i]!;
  // Kept out of the object while it changes: this is the innermost loop of all measures.
  let width = disc.width;
  let opposite = disc.opposite;
  const near2 = (NEAR_STEPS * samples.step) ** 2;
  const half = width / 2;
  const left = Math.max(0, Math.floor((px + nx * half - half - minX) / cell));
  const right = Math.min(columns - 1, Math.floor((px + nx * half + half - minX) / cell));
  const top = Math.max(0, Math.floor((py + ny * half - half - minY) / cell));
  const bottom = Math.min(rows - 1, Math.floor((py + ny * half + half - minY) / cell));
  for (let row = top; row <= bottom; row++) {
    // Cells of a row lie one after the other, and so do their points.
    const end = starts[row * columns + right + 1]!;
    for (let k = starts[row * columns + left]!; k < end; k++) {
      // Nearly every point is turned away here, so that nothing is called for it.
      const dx = sortedX[k]! - px;
      const dy = sortedY[k]! - py;
      const along = nx * dx + ny * dy;
      const distance2 = dx * dx + dy * dy;
      if (distance2 >= width * along) continue;
      if (along * along >= COS2_OF_CONE * distance2) {
        width = distance2 / along;
        opposite = order[k]!;
        continue;
      }
      // Two edges nearer to each other than the samples stand apart face each other between samples.
      if (distance2 > near2) continue;
      const q = order[k]!;
      const between = isElsewhere(samples, i, q) ? widthToEdges(samples, i, nx, ny, q) : Infinity;
      if (between >= width) continue;
      width = between;
      opposite = q;
    }
  }
  disc.width = width;
  disc.opposite = opposite;
}

/** An edge that lies across has a sample within so many steps. */
const NEAR_STEPS = 1.5;

/** As many samples along its own edge belong to the bend of the edge itself, unless it turns back between them. */
const OWN_BEND = 3;

function isElsewhere({ normalX, normalY, ringStarts }: OutlineSamples, i: number, q: number): boolean {
  if (normalX[i]! * normalX[q]! + normalY[i]! * normalY[q]! < 0) return true;
  const apart = Math.abs(i - q);
  if (apart <= OWN_BEND) return false;
  const ringNo = ringOf(ringStarts, i);
  const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
  return q < start || q >= end || end - start - apart > OWN_BEND;
}

/** Diameter of the disc that touches the outline at sample i and the straight edges beside sample q; Infinity if it touches neither. */
function widthToEdges(samples: OutlineSamples, i: number, nx: number, ny: number, q: number): number {
  const [before, after] = neighbours(samples, q);
  return Math.min(widthToEdge(samples, i, nx, ny, before, q), widthToEdge(samples, i, nx, ny, q, after));
}

function widthToEdge({ x, y }: OutlineSamples, i: number, nx: number, ny: number, a: number, b: number): number {
  const [ax, ay] = [x[a]! - x[i]!, y[a]! - y[i]!];
  const [dx, dy] = [x[b]! - x[a]!, y[b]! - y[a]!];
  const length = Math.sqrt(dx * dx + dy * dy);
  const across = (dx * ay - dy * ax) / length;
  // The edge's normal away from the sample, and how far it is that way.
  const facing = ((dx * ny - dy * nx) / length) * Math.sign(across);
  const radius = Math.abs(across) / (1 + facing);
  const share = ((radius * nx - ax) * dx + (radius * ny - ay) * dy) / (length * length);
  return facing > 0 && share >= 0 && share <= 1 ? 2 * radius : Infinity;
}

function neighbours({ ringStarts }: OutlineSamples, q: number): [number, number] {
  const ringNo = ringOf(ringStarts, q);
  const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
  return [q === start ? end - 1 : q - 1, q === end - 1 ? start : q + 1];
}

/** The opposite side lies between samples: the least of a parabola through the three nearest. */
function refined(samples: OutlineSamples, i: number, nx: number, ny: number, middle: number, q: number): number {
  const [previous, next] = neighbours(samples, q);
  const before = widthTo(samples, i, nx, ny, previous);
  const after = widthTo(samples, i, nx, ny, next);
  const bend = before - 2 * middle + after;
  // At corners and tips the three do not lie on a parabola; there an edge or the sample itself is near enough.
  const isSmooth = Math.max(before, after) < 1.5 * middle && Math.abs(before - after) <= 2 * bend;
  if (!isSmooth || bend <= 0)
    return isElsewhere(samples, i, q) ? Math.min(middle, widthToEdges(samples, i, nx, ny, q)) : middle;
  return middle - (before - after) ** 2 / (8 * bend);
}

/** Diameter of the disc that touches the outline at sample i and passes through sample j. */
function widthTo({ x, y }: OutlineSamples, i: number, nx: number, ny: number, j: number): number {
  const dx = x[j]! - x[i]!;
  const dy = y[j]! - y[i]!;
  const along = nx * dx + ny * dy;
  return along > 0 ? (dx * dx + dy * dy) / along : Infinity;
}

/** Which ring a sample belongs to. */
export function ringOf(ringStarts: readonly number[], sample: number): number {
  let low = 0;
  let high = ringStarts.length - 2;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (ringStarts[middle]! <= sample) low = middle;
    else high = middle - 1;
  }
  return low;
}
