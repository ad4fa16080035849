import type { Block } from '../place';
import { thinned } from './ink-shape';

/** A convex part of a place with the box around it. */
export interface FlatBlock {
  /** It may lie in a hole of the ink. */
  readonly mayLieInLoop: boolean;
  /** `x0, y0, x1, y1, …` */
  readonly ring: Float64Array;
  /** The same with points left out that lie within `COARSE_MM` of the line past them. */
  readonly coarse: Float64Array;
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

export const COARSE_MM = 0.1;
/** Numbers in a ring that is not worth thinning. */
const MANY = 24;

export function blockOf({ ring, zone }: Block): FlatBlock {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  const flat = Float64Array.from(ring.flat());
  return {
    mayLieInLoop: zone?.mayLieInLoop ?? false,
    ring: flat,
    coarse: flat.length > MANY ? thinned(flat, COARSE_MM) : flat,
    minX: Math.min(...xs),
    minY: Math.min(...ys),
    maxX: Math.max(...xs),
    maxY: Math.max(...ys),
  };
}

/** The nearest points of a segment and a block: their distance and the direction from the block to the segment. */
export interface Gap {
  distance: number;
  nx: number;
  ny: number;
}

/**
 * Measures the gap between a segment and a convex ring into `gap`; an infinite distance where it is more than `within`. They must
 * not overlap; at a distance of nothing there is no direction.
 */
export function measureGapInPlace(
  gap: Gap,
  ring: Float64Array,
  ax: number,
  ay: number,
  bx: number,
  by: number,
  within: number,
): void {
  let least = within;
  let isFound = false;
  let dx = 0;
  let dy = 0;
  const left = ax < bx ? ax : bx;
  const right = ax < bx ? bx : ax;
  const top = ay < by ? ay : by;
  const bottom = ay < by ? by : ay;
  const last = ring.length - 2;
  for (let i = 0, j = last; i <= last; j = i, i += 2) {
    const px = ring[j]!;
    const py = ring[j + 1]!;
    const qx = ring[i]!;
    const qy = ring[i + 1]!;
    // An edge whose box is farther than what was found has nothing nearer.
    if ((px < qx ? px : qx) - right > least || left - (px < qx ? qx : px) > least) continue;
    if ((py < qy ? py : qy) - bottom > least || top - (py < qy ? qy : py) > least) continue;
    // A corner of the block against the segment, and both its ends against an edge of the block.
    for (let which = 0; which < 3; which++) {
      const fromX = which === 0 ? ax : px;
      const fromY = which === 0 ? ay : py;
      const edgeX = which === 0 ? bx - ax : qx - px;
      const edgeY = which === 0 ? by - ay : qy - py;
      const pointX = which === 0 ? qx : which === 1 ? ax : bx;
      const pointY = which === 0 ? qy : which === 1 ? ay : by;
      const length2 = edgeX * edgeX + edgeY * edgeY;
      let t = length2 === 0 ? 0 : ((pointX - fromX) * edgeX + (pointY - fromY) * edgeY) / length2;
      t = t < 0 ? 0 : t > 1 ? 1 : t;
      const sign = which === 0 ? 1 : -1;
      const vx = (fromX + t * edgeX - pointX) * sign;
      const vy = (fromY + t * edgeY - pointY) * sign;
      const distance2 = vx * vx + vy * vy;
      if (distance2 <= least * least) {
        least = Math.sqrt(distance2);
        isFound = true;
        dx = vx;
        dy = vy;
      }
    }
  }
  gap.distance = isFound ? least : Infinity;
  gap.nx = isFound && least > 0 ? dx / least : 0;
  gap.ny = isFound && least > 0 ? dy / least : 0;
}

/** How far the block reaches along a direction. */
export function blockReach(ring: Float64Array, nx: number, ny: number): number {
  let most = -Infinity;
  for (let i = 0; i < ring.length; i += 2) most = Math.max(most, nx * ring[i]! + ny * ring[i + 1]!);
  return most;
}

/** Whether two segments cross or touch. */
export function segmentsMeet(
  ax: number,
  ay: number,
  bx: number,
  by: number,
  px: number,
  py: number,
  qx: number,
  qy: number,
): boolean {
  const side = (x0: number, y0: number, x1: number, y1: number, x: number, y: number) =>
    (x1 - x0) * (y - y0) - (y1 - y0) * (x - x0);
  const [a, b] = [side(px, py, qx, qy, ax, ay), side(px, py, qx, qy, bx, by)];
  const [p, q] = [side(ax, ay, bx, by, px, py), side(ax, ay, bx, by, qx, qy)];
  return a * b <= 0 && p * q <= 0 && !(a === 0 && b === 0 && p === 0 && q === 0);
}
