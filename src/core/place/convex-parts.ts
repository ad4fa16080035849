import type { Ring } from './shape-ring';

type Point = readonly [number, number];

/** Twice the signed area of a triangle: positive where b turns clockwise to the eye (y down). */
function turn([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number {
  return (bx - ax) * (cy - by) - (by - ay) * (cx - bx);
}

/** Corners of the convex hull, clockwise to the eye (y down), without corners on a straight line. */
export function hullOf(points: readonly Point[]): Ring {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by);
  const half = (ordered: readonly Point[]): Point[] => {
    const chain: Point[] = [];
    for (const point of ordered) {
      while (chain.length > 1 && turn(chain.at(-2)!, chain.at(-1)!, point) <= 1e-9) chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** A chain of edges is given up as one part before it turns so far that its hull would reach round. */
const MOST_TURN_RAD = 2.4;

/**
 * Dents of an outline as convex parts: every run of edges off the hull that bends the same way. Their hulls lie on the far
 * side of the outline.
 * ```
 *   ┌────┐
 *   │    │← a dent's two edges
 *   │    └────┐      are one part
 *   └─────────┘
 * ```
 */
export function blocksOf(outline: Ring, hull: Ring): Ring[] {
  const num = outline.length;
  const ring = areaOf(outline) < 0 ? [...outline].reverse() : outline;
  const isOnHull = ring.map((point, i) => liesOnHull(point, ring[(i + 1) % num]!, hull));
  const start = isOnHull.indexOf(true);
  const blocks: Point[][] = [];
  let block: Point[] = [];
  let turned = 0;
  const close = () => {
    if (block.length > 1) blocks.push(block);
    block = [];
    turned = 0;
  };
  for (let k = 1; k <= num; k++) {
    const i = (start + k) % num;
    const [from, to] = [ring[i]!, ring[(i + 1) % num]!];
    if (isOnHull[i]) {
      close();
      continue;
    }
    if (block.length > 1) {
      const bend = angleBetween(block.at(-2)!, from, to);
      turned += Math.abs(bend);
      if (bend > 1e-9 || turned > MOST_TURN_RAD) close();
    }
    if (block.length === 0) block.push(from);
    block.push(to);
  }
  close();
  return blocks.map((chain) => (chain.length > 2 ? hullOf(chain) : chain));
}

/** Positive where the way bends clockwise to the eye. */
function angleBetween(a: Point, b: Point, c: Point): number {
  return Math.atan2(turn(a, b, c), (b[0] - a[0]) * (c[0] - b[0]) + (b[1] - a[1]) * (c[1] - b[1]));
}

function areaOf(ring: Ring): number {
  return ring.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    return sum + x * nextY - nextX * y;
  }, 0);
}

function liesOnHull(a: Point, b: Point, hull: Ring): boolean {
  return hull.some((from, i) => {
    const to = hull[(i + 1) % hull.length]!;
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    return Math.abs(turn(from, to, a)) / length < 1e-6 && Math.abs(turn(from, to, b)) / length < 1e-6;
  });
}
