import { type Outline, outlineRings } from './outline';

/**
 * Whether two outlines are one drawing at nearly one size: the same rings, each point of one within `within` of its fellow, in the
 * unit of the outlines, both with their corner at the origin. Outlines of other letters or of another face have other points.
 */
export function isSameOutline(one: Outline, other: Outline, within: number): boolean {
  const rings = [...outlineRings(one)];
  const others = [...outlineRings(other)];
  return rings.length === others.length && rings.every((ring, i) => isSameRing(ring, others[i]!, within));
}

function isSameRing(ring: ArrayLike<number>, other: ArrayLike<number>, within: number): boolean {
  if (ring.length !== other.length) return false;
  for (let i = 0; i < ring.length; i += 2) {
    const [dx, dy] = [ring[i]! - other[i]!, ring[i + 1]! - other[i + 1]!];
    if (dx * dx + dy * dy > within * within) return false;
  }
  return true;
}
