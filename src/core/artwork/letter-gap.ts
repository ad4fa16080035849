import { boxOfRings, isPointInRing } from '../geometry';

type Point = readonly [x: number, y: number];

/** The nearest points of two sets of rings. */
export interface LetterGap {
  /** Zero where they overlap. */
  readonly distance: number;
  readonly some: Point;
  readonly others: Point;
}

/** The least distance between two sets of rings below `most`; nothing where they overlap. */
export function gapBetween(
  some: readonly Int32Array[],
  others: readonly Int32Array[],
  mayOverlap: boolean,
  most: number,
): LetterGap | null {
  const at = mayOverlap ? (overlap(some, others) ?? overlap(others, some)) : null;
  if (at) return { distance: 0, some: at, others: at };
  let least2 = most * most;
  let found: LetterGap | null = null;
  const look = (points: readonly Int32Array[], edges: readonly Int32Array[], isTurned: boolean) => {
    const box = boxOfRings(edges);
    if (!box) return;
    for (const ring of points) {
      for (let i = 0; i < ring.length; i += 2) {
        const px = ring[i]!;
        const py = ring[i + 1]!;
        // Nearly every point lies farther from all of the other than the nearest so far.
        const aside = Math.max(box.minX - px, px - box.maxX, 0);
        const beyond = Math.max(box.minY - py, py - box.maxY, 0);
        if (aside * aside + beyond * beyond >= least2) continue;
        for (const edge of edges) {
          for (let k = 0, j = edge.length - 2; k < edge.length; j = k, k += 2) {
            const ax = edge[j]!;
            const ay = edge[j + 1]!;
            const dx = edge[k]! - ax;
            const dy = edge[k + 1]! - ay;
            const length2 = dx * dx + dy * dy;
            let t = length2 === 0 ? 0 : ((px - ax) * dx + (py - ay) * dy) / length2;
            t = t < 0 ? 0 : t > 1 ? 1 : t;
            const x = ax + t * dx;
            const y = ay + t * dy;
            const distance2 = (x - px) ** 2 + (y - py) ** 2;
            if (distance2 >= least2) continue;
            least2 = distance2;
            const [from, on] = [[px, py] as const, [x, y] as const];
            found = { distance: Math.sqrt(distance2), some: isTurned ? on : from, others: isTurned ? from : on };
          }
        }
      }
    }
  };
  look(some, others, false);
  look(others, some, true);
  return found;
}

/** A point of one that lies in the other. */
function overlap(points: readonly Int32Array[], rings: readonly Int32Array[]): Point | null {
  for (const other of rings) {
    const box = boxOfRings([other]);
    if (!box) continue;
    for (const ring of points) {
      for (let i = 0; i < ring.length; i += 2) {
        const [x, y] = [ring[i]!, ring[i + 1]!];
        // Nearly every point lies outside its box.
        if (x < box.minX || x > box.maxX || y < box.minY || y > box.maxY) continue;
        if (isPointInRing(x, y, other)) return [x, y];
      }
    }
  }
  return null;
}
