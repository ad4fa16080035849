import { type Outline, isPointInRing, outlineRings } from '../geometry';

/** How far a point is from the nearest edge of an outline, in its unit, by looking at every edge: slow, plain and exact. */
export function distanceToEdges(outline: Outline, x: number, y: number): number {
  let least2 = Infinity;
  for (const ring of outlineRings(outline)) {
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [ax, ay] = [ring[j]!, ring[j + 1]!];
      const [dx, dy] = [ring[i]! - ax, ring[i + 1]! - ay];
      const length2 = dx * dx + dy * dy;
      const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / length2));
      least2 = Math.min(least2, (ax + t * dx - x) ** 2 + (ay + t * dy - y) ** 2);
    }
  }
  return Math.sqrt(least2);
}

/** Whether a point lies on material. */
export function isOnInk({ islands }: Outline, x: number, y: number): boolean {
  return islands.some(
    ({ outer, holes }) => isPointInRing(x, y, outer) && !holes.some((hole) => isPointInRing(x, y, hole)),
  );
}
