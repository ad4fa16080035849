import type { InkWall, Lie } from './ink-in-space';
import { farthest } from './linear-programme';

/** No place is larger. */
export const WITHIN_MM = 20_000;

/**
 * The largest ink behind walls alone: a linear programme in x, y and the size, since ink that is not turned meets each wall at
 * the same point whatever its size. Exact. Null when not even a point lies behind all walls.
 */
export function largestBehindWalls(walls: readonly InkWall[]): Lie | null {
  const rows = walls.map(({ nx, ny, reachEm, c }) => [nx, ny, reachEm, c]);
  const best = farthest([0, 0, 1], rows, WITHIN_MM);
  return best && { xMm: best[0]!, yMm: best[1]!, emMm: Math.max(0, best[2]!) };
}

type Point = readonly [number, number];

/**
 * The spot nearest to `aim` at which ink of this size lies behind all walls; null when there is none. The spots that do are a
 * convex polygon: a square round the aim, cut by every wall.
 */
export function nearestBehindWalls(
  walls: readonly InkWall[],
  emMm: number,
  aim: Point,
  withinMm: number,
): Point | null {
  const [aimX, aimY] = aim;
  let spots: Point[] = [
    [aimX - withinMm, aimY - withinMm],
    [aimX + withinMm, aimY - withinMm],
    [aimX + withinMm, aimY + withinMm],
    [aimX - withinMm, aimY + withinMm],
  ];
  for (const { nx, ny, reachEm, c } of walls) {
    const most = c - reachEm * emMm + 1e-9;
    const value = ([x, y]: Point) => nx * x + ny * y - most;
    if (spots.every((spot) => value(spot) <= 0)) continue;
    spots = spots.flatMap((spot, i) => {
      const next = spots[(i + 1) % spots.length]!;
      const [here, there] = [value(spot), value(next)];
      const cut: Point[] = [];
      if (here <= 0) cut.push(spot);
      if (here <= 0 !== there <= 0) {
        const t = here / (here - there);
        cut.push([spot[0] + t * (next[0] - spot[0]), spot[1] + t * (next[1] - spot[1])]);
      }
      return cut;
    });
    if (spots.length === 0) return null;
  }
  return nearestIn(spots, aim);
}

function nearestIn(spots: readonly Point[], [x, y]: Point): Point {
  let least2 = Infinity;
  let nearest: Point = spots[0]!;
  let isInside = true;
  spots.forEach(([ax, ay], i) => {
    const [bx, by] = spots[(i + 1) % spots.length]!;
    if ((bx - ax) * (y - ay) - (by - ay) * (x - ax) < 0) isInside = false;
    const length2 = (bx - ax) ** 2 + (by - ay) ** 2;
    const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length2));
    const spot: Point = [ax + t * (bx - ax), ay + t * (by - ay)];
    const distance2 = (spot[0] - x) ** 2 + (spot[1] - y) ** 2;
    if (distance2 < least2) [least2, nearest] = [distance2, spot];
  });
  return isInside && spots.length > 2 ? [x, y] : nearest;
}
