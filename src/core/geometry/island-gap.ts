import { type Box, boxOfRings } from './box';
import type { Island, Outline, Ring } from './outline';

/** How near the two nearest islands of an outline come to each other, in its units; infinite where there are not two. */
export function leastIslandGap({ islands }: Outline): number {
  const each = islands.map(boxed);
  const pairs = each.flatMap((a, i) => each.slice(i + 1).map((b) => ({ a, b, apart: boxGap(a.box, b.box) })));
  let least = Infinity;
  for (const { a, b, apart } of pairs.sort((one, other) => one.apart - other.apart)) {
    if (apart >= least) break;
    least = gapBetween(a, b, Math.min(least, roughGap(a, b)));
    least = gapBetween(b, a, least);
  }
  return least;
}

/** So many edges, one after the other, with the box around them: most stretches are too far away to be looked at one by one. */
interface Stretch {
  readonly ring: Ring;
  readonly first: number;
  readonly end: number;
  readonly box: Box;
}

interface Boxed {
  readonly rings: readonly Ring[];
  readonly stretches: readonly Stretch[];
  readonly box: Box;
}

const STRETCH = 24;

function boxed({ outer, holes }: Island): Boxed {
  const rings = [outer, ...holes];
  const stretches = rings.flatMap((ring) => {
    const count = ring.length / 2;
    return Array.from({ length: Math.ceil(count / STRETCH) }, (_, k): Stretch => {
      const [first, end] = [k * STRETCH, Math.min(count, (k + 1) * STRETCH)];
      // Its last edge ends at the next stretch’s first point.
      const points = [
        ...ring.subarray(2 * first, 2 * end),
        ring[(2 * end) % ring.length]!,
        ring[(2 * end + 1) % ring.length]!,
      ];
      return { ring, first, end, box: boxOfRings([Int32Array.from(points)])! };
    });
  });
  return { rings, stretches, box: boxOfRings([outer])! };
}

/** From corner to corner of some: never less than it is. */
function roughGap(a: Boxed, b: Boxed): number {
  let least2 = Infinity;
  for (const one of a.stretches) {
    for (const other of b.stretches) {
      const dx = one.ring[2 * one.first]! - other.ring[2 * other.first]!;
      const dy = one.ring[2 * one.first + 1]! - other.ring[2 * other.first + 1]!;
      least2 = Math.min(least2, dx * dx + dy * dy);
    }
  }
  return Math.sqrt(least2);
}

/** From the corners of one to the edges of the other: two straight edges that do not cross are nearest at a corner of one of them. */
function gapBetween(from: Boxed, to: Boxed, atMost: number): number {
  let least = atMost;
  for (const near of to.stretches) {
    for (const own of from.stretches) {
      if (boxGap(own.box, near.box) >= least) continue;
      for (let i = own.first; i < own.end; i++) {
        least = Math.min(least, gapTo(near, own.ring[2 * i]!, own.ring[2 * i + 1]!));
      }
    }
  }
  return least;
}

function gapTo({ ring, first, end }: Stretch, x: number, y: number): number {
  let least2 = Infinity;
  for (let k = first; k < end; k++) {
    const [i, j] = [2 * k, (2 * k + 2) % ring.length];
    const [ax, ay] = [ring[i]! - x, ring[i + 1]! - y];
    const [dx, dy] = [ring[j]! - ring[i]!, ring[j + 1]! - ring[i + 1]!];
    const length2 = dx * dx + dy * dy;
    const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / length2));
    least2 = Math.min(least2, (ax + t * dx) ** 2 + (ay + t * dy) ** 2);
  }
  return Math.sqrt(least2);
}

function boxGap(a: Box, b: Box): number {
  const dx = Math.max(0, a.minX - b.maxX, b.minX - a.maxX);
  const dy = Math.max(0, a.minY - b.maxY, b.minY - a.maxY);
  return Math.hypot(dx, dy);
}
