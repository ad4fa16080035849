import type { OutlineSamples } from './sample-outline';

/** As many samples along its own edge belong to the bend of the edge itself, unless it turns back between them. */
const OWN_BEND = 3;

/** Whether sample q is no part of the bend of the outline at sample i. */
export function isElsewhere({ normalX, normalY, ringStarts, ringNos }: OutlineSamples, i: number, q: number): boolean {
  if (normalX[i]! * normalX[q]! + normalY[i]! * normalY[q]! < 0) return true;
  const apart = Math.abs(i - q);
  if (apart <= OWN_BEND) return false;
  const ringNo = ringNos[i]!;
  return ringNos[q] !== ringNo || ringStarts[ringNo + 1]! - ringStarts[ringNo]! - apart > OWN_BEND;
}

function beforeSample({ ringStarts, ringNos }: OutlineSamples, q: number): number {
  const ringNo = ringNos[q]!;
  return q === ringStarts[ringNo] ? ringStarts[ringNo + 1]! - 1 : q - 1;
}

function afterSample({ ringStarts, ringNos }: OutlineSamples, q: number): number {
  const ringNo = ringNos[q]!;
  return q + 1 === ringStarts[ringNo + 1] ? ringStarts[ringNo]! : q + 1;
}

/** Diameter of the disc that touches the outline at sample i and the straight edges beside sample q; Infinity if it touches neither. */
export function widthToEdges(samples: OutlineSamples, i: number, nx: number, ny: number, q: number): number {
  return Math.min(
    widthToEdge(samples, i, nx, ny, beforeSample(samples, q), q),
    widthToEdge(samples, i, nx, ny, q, afterSample(samples, q)),
  );
}

function widthToEdge({ x, y }: OutlineSamples, i: number, nx: number, ny: number, a: number, b: number): number {
  const [ax, ay] = [x[a]! - x[i]!, y[a]! - y[i]!];
  const [dx, dy] = [x[b]! - x[a]!, y[b]! - y[a]!];
  const length = Math.sqrt(dx * dx + dy * dy);
  const across = (dx * ay - dy * ax) / length;
  // The edge's normal away from the sample, and how far it is that way.
  const facing = ((dx * ny - dy * nx) / length) * Math.sign(across);
  const radius = Math.abs(across) / (1 + facing);
  const share = ((radius * nx - ax) * dx + (radius * ny - ay) * dy) / (length * length);
  return facing > 0 && share >= 0 && share <= 1 ? 2 * radius : Infinity;
}

/** The opposite side lies between samples: the least of a parabola through the three nearest. */
export function refined(samples: OutlineSamples, i: number, nx: number, ny: number, middle: number, q: number): number {
  const before = widthTo(samples, i, nx, ny, beforeSample(samples, q));
  const after = widthTo(samples, i, nx, ny, afterSample(samples, q));
  const bend = before - 2 * middle + after;
  // At corners and tips the three do not lie on a parabola; there an edge or the sample itself is near enough.
  const isSmooth = Math.max(before, after) < 1.5 * middle && Math.abs(before - after) <= 2 * bend;
  if (!isSmooth || bend <= 0)
    return isElsewhere(samples, i, q) ? Math.min(middle, widthToEdges(samples, i, nx, ny, q)) : middle;
  return middle - (before - after) ** 2 / (8 * bend);
}

/** Diameter of the disc that touches the outline at sample i and passes through sample j. */
function widthTo({ x, y }: OutlineSamples, i: number, nx: number, ny: number, j: number): number {
  const dx = x[j]! - x[i]!;
  const dy = y[j]! - y[i]!;
  const along = nx * dx + ny * dy;
  return along > 0 ? (dx * dx + dy * dy) / along : Infinity;
}
