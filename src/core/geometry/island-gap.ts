import { type Box, boxOfRings } from './box';
import type { Outline, Ring } from './outline';

/** How near the two nearest islands of an outline come to each other, in its units; infinite where there are not two. */
export function leastIslandGap({ islands }: Outline): number {
  const each = islands.map(({ outer, holes }) => ({ rings: [outer, ...holes], box: boxOfRings([outer])! }));
  const pairs = each.flatMap((a, i) => each.slice(i + 1).map((b) => ({ a, b, apart: boxGap(a.box, b.box) })));
  let least = Infinity;
  for (const { a, b, apart } of pairs.sort((one, other) => one.apart - other.apart)) {
    if (apart >= least) break;
    least = Math.min(least, gapBetween(a, b, least), gapBetween(b, a, least));
  }
  return least;
}

interface Boxed {
  readonly rings: readonly Ring[];
  readonly box: Box;
}

/** From the corners of one to the edges of the other: two straight edges that do not cross are nearest at a corner of one of them. */
function gapBetween(from: Boxed, to: Boxed, atMost: number): number {
  let least = atMost;
  for (const ring of from.rings) {
    for (let i = 0; i < ring.length; i += 2) {
      const [x, y] = [ring[i]!, ring[i + 1]!];
      if (boxGap({ minX: x, minY: y, maxX: x, maxY: y }, to.box) < least)
        least = Math.min(least, gapTo(to.rings, x, y, least));
    }
  }
  return least;
}

function gapTo(rings: readonly Ring[], x: number, y: number, atMost: number): number {
  let least2 = atMost * atMost;
  for (const ring of rings) {
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [ax, ay] = [ring[j]! - x, ring[j + 1]! - y];
      const [dx, dy] = [ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!];
      const length2 = dx * dx + dy * dy;
      const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / length2));
      least2 = Math.min(least2, (ax + t * dx) ** 2 + (ay + t * dy) ** 2);
    }
  }
  return Math.sqrt(least2);
}

function boxGap(a: Box, b: Box): number {
  const dx = Math.max(0, a.minX - b.maxX, b.minX - a.maxX);
  const dy = Math.max(0, a.minY - b.maxY, b.minY - a.maxY);
  return Math.hypot(dx, dy);
}
