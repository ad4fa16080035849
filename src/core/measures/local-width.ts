import { isElsewhere, refined, widthToEdges } from './disc-widths';
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
 *
 * All in one function: this is the innermost loop of all measures, and half of what it costs would be calls.
 */
export function localWidths(
  samples: OutlineSamples,
  grid: PointGrid,
  side: 'inside' | 'outside',
  cutOff: number,
  known?: KnownWidths,
): LocalWidths {
  const { x, y, normalX, normalY } = samples;
  const { minX, minY, cell, columns, rows, starts, order, sortedX, sortedY } = grid;
  const num = x.length;
  const width = new Float64Array(num).fill(Infinity);
  const opposite = new Int32Array(num).fill(-1);
  const sign = side === 'inside' ? 1 : -1;
  const near2 = (NEAR_STEPS * samples.step) ** 2;
  const perCell = 1 / cell;
  let last = -1;
  for (let i = 0; i < num; i++) {
    const from = known ? known.sampleOf[i]! : -1;
    if (known && from >= 0) {
      width[i] = known.widths.width[from]!;
      const touched = known.widths.opposite[from]!;
      if (touched >= 0) opposite[i] = known.nowAt[touched]!;
      last = opposite[i]!;
      continue;
    }
    const px = x[i]!;
    const py = y[i]!;
    const nx = sign * normalX[i]!;
    const ny = sign * normalY[i]!;
    let disc = cutOff;
    let touched = -1;
    // What the sample before touched, this one nearly touches too: a small disc from the start leaves little to search.
    if (last >= 0) {
      const end = last + 1 < num ? last + 1 : num - 1;
      for (let q = last > 0 ? last - 1 : 0; q <= end; q++) {
        const dx = x[q]! - px;
        const dy = y[q]! - py;
        const along = nx * dx + ny * dy;
        const distance2 = dx * dx + dy * dy;
        if (distance2 >= disc * along || along * along < COS2_OF_CONE * distance2) continue;
        disc = distance2 / along;
        touched = q;
      }
    }
    const half = disc / 2;
    const cx = px + nx * half - minX;
    const cy = py + ny * half - minY;
    let left = ((cx - half) * perCell) | 0;
    if (left < 0) left = 0;
    let right = ((cx + half) * perCell) | 0;
    if (right >= columns) right = columns - 1;
    let top = ((cy - half) * perCell) | 0;
    if (top < 0) top = 0;
    let bottom = ((cy + half) * perCell) | 0;
    if (bottom >= rows) bottom = rows - 1;
    for (let row = top; row <= bottom; row++) {
      // Cells of a row lie one after the other, and so do their points.
      const end = starts[row * columns + right + 1]!;
      for (let k = starts[row * columns + left]!; k < end; k++) {
        const dx = sortedX[k]! - px;
        const dy = sortedY[k]! - py;
        const along = nx * dx + ny * dy;
        const distance2 = dx * dx + dy * dy;
        // Nearly every point is turned away here, so that nothing is called for it.
        if (distance2 >= disc * along) continue;
        if (along * along >= COS2_OF_CONE * distance2) {
          disc = distance2 / along;
          touched = order[k]!;
          continue;
        }
        // Two edges nearer to each other than the samples stand apart face each other between samples.
        if (distance2 > near2) continue;
        const q = order[k]!;
        const between = isElsewhere(samples, i, q) ? widthToEdges(samples, i, nx, ny, q) : Infinity;
        if (between >= disc) continue;
        disc = between;
        touched = q;
      }
    }
    last = touched;
    if (touched < 0) continue;
    width[i] = refined(samples, i, nx, ny, disc, touched);
    opposite[i] = touched;
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
  const corners: number[] = [];
  const narrowest: number[] = [];
  for (let ringNo = 0; ringNo + 1 < ringStarts.length; ringNo++) {
    const [start, end] = [ringStarts[ringNo]!, ringStarts[ringNo + 1]!];
    for (let i = start, before = end - 1; i < end; before = i++) {
      const after = i === end - 1 ? start : i + 1;
      if (normalX[before]! * normalX[after]! + normalY[before]! * normalY[after]! >= COS_OF_CORNER) continue;
      const turn = normalX[before]! * normalY[after]! - normalY[before]! * normalX[after]!;
      if (sign * turn <= 0) continue;
      corners.push(i);
      narrowest.push(Math.min(width[before]!, width[i]!, width[after]!));
    }
  }
  corners.forEach((i, k) => (width[i] = narrowest[k]!));
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

/** An edge that lies across has a sample within so many steps. */
const NEAR_STEPS = 1.5;
