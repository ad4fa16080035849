import { type Box, type Outline, boxHeight, isPointInRing, outlineRings } from '../geometry';

/** The largest box of one shape that lies free in a motif, by its middle; no height: there is none. */
export interface Room {
  readonly x: number;
  readonly y: number;
  readonly halfHeight: number;
}

/** Heights at which a middle is looked for; nearer to its top or foot is no inside of a motif, but a bay. */
const NUM_HEIGHTS = 33;
const LOW = 0.3;

/** In the middle of its width, as high as it holds most; `aspect` is width over height. Exact for each height that is tried. */
export function roomWithin(shapes: readonly Outline[], own: Box, aspect: number): Room {
  const x = (own.minX + own.maxX) / 2;
  const edges = shapes.flatMap((shape) => [...outlineRings(shape)]);
  let best: Room = { x, y: own.minY, halfHeight: 0 };
  for (let i = 0; i < NUM_HEIGHTS; i++) {
    const share = LOW + (i / (NUM_HEIGHTS - 1)) * (1 - 2 * LOW);
    const y = own.minY + share * boxHeight(own);
    if (shapes.some((shape) => isMaterial(shape, x, y))) continue;
    const toSides = Math.min((x - own.minX) / aspect, y - own.minY, own.maxY - y);
    let half = toSides;
    for (const ring of edges) {
      for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
        half = Math.min(
          half,
          boxReach((ring[j]! - x) / aspect, ring[j + 1]! - y, (ring[k]! - x) / aspect, ring[k + 1]! - y),
        );
      }
    }
    if (half > best.halfHeight) best = { x, y, halfHeight: half };
  }
  return best;
}

function isMaterial({ islands }: Outline, x: number, y: number): boolean {
  return islands.some(
    ({ outer, holes }) => isPointInRing(x, y, outer) && !holes.some((hole) => isPointInRing(x, y, hole)),
  );
}

/** Half of the side of the largest square around the origin that an edge does not enter: the larger of both distances, least along it. */
function boxReach(ax: number, ay: number, bx: number, by: number): number {
  const reachAt = (t: number) => Math.max(Math.abs(ax + t * (bx - ax)), Math.abs(ay + t * (by - ay)));
  let least = Math.min(reachAt(0), reachAt(1));
  // Where the two distances are equal, and where one of them is nought.
  for (const [from, to] of [
    [ax - ay, bx - by],
    [ax + ay, bx + by],
    [ax, bx],
    [ay, by],
  ] as const) {
    const t = from / (from - to);
    if (t > 0 && t < 1) least = Math.min(least, reachAt(t));
  }
  return least;
}
