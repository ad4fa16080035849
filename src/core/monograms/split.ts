import { type Box, type Ring, boxOfRings, crossingsAt, movedRing } from '../geometry';

/** Where letters may be split, of their height from the head; in how many rows it is looked at. */
const FROM = 0.36;
const TO = 0.64;
const NUM_ROWS = 29;
/** A row off the middle has to have so much less ink, of the width for the whole height. */
const OFF_MIDDLE = 0.35;

/** As far as that from the edge of a bar, of the height: nearer, a sliver of it would be left. */
const CLEAR = 0.035;

/**
 * The height at which letters are split so that the least of them is cut through, near their middle: beside a bar, not along it.
 */
export function splitHeight(rings: readonly Ring[], { minX, maxX, minY, maxY }: Box): number {
  const height = maxY - minY;
  let least = { cost: Infinity, y: (minY + maxY) / 2 };
  for (let row = 0; row < NUM_ROWS; row++) {
    const share = FROM + ((TO - FROM) * row) / (NUM_ROWS - 1);
    // Not on whole units, where edges begin and end.
    const y = Math.floor(minY + share * height) + 0.5;
    const ink = Math.max(...[-CLEAR, 0, CLEAR].map((by) => inkAt(rings, y + by * height)));
    const cost = ink / (maxX - minX) + OFF_MIDDLE * Math.abs(share - 0.5);
    if (cost < least.cost - 1e-9) least = { cost, y };
  }
  return Math.round(least.y);
}

/** How much ink there is in a row: what even and odd crossings enclose, as of rings that do not overlap. */
function inkAt(rings: readonly Ring[], y: number): number {
  const at = crossingsAt(rings, y);
  let ink = 0;
  for (let i = 0; i + 1 < at.length; i += 2) ink += at[i + 1]! - at[i]!;
  return ink;
}

/** Rings cut along a height: what lies above it moved up, and what lies below moved down. Pieces keep their way round. */
export function splitRings(
  rings: readonly Ring[],
  y: number,
  { up, down }: { readonly up: number; readonly down: number },
) {
  return rings.flatMap((ring) => {
    const box = boxOfRings([ring]);
    if (!box) return [];
    if (box.maxY <= y) return [movedRing(ring, 0, -up)];
    if (box.minY >= y) return [movedRing(ring, 0, down)];
    const [above, below] = [halfOf(ring, y, -1), halfOf(ring, y, 1)];
    return [...(above ? [movedRing(above, 0, -up)] : []), ...(below ? [movedRing(below, 0, down)] : [])];
  });
}

/** The part of a ring on one side of a height; where it comes in and out it runs along it. */
function halfOf(ring: Ring, y: number, side: 1 | -1): Int32Array | null {
  const points: number[] = [];
  const isIn = (py: number) => side * (py - y) >= 0;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    if (isIn(ay) !== isIn(by)) points.push(Math.round(ax + ((y - ay) / (by - ay)) * (bx - ax)), y);
    if (isIn(by)) points.push(bx, by);
  }
  return points.length >= 6 ? Int32Array.from(points) : null;
}
