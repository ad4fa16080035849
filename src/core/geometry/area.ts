import { type Outline, type Ring, outlineRings } from './outline';

/** Signed area by the shoelace formula, in square units; positive for clockwise rings in a y-down frame. */
export function ringArea(ring: Ring): number {
  let doubled = 0;
  const last = ring.length - 2;
  for (let i = 0, j = last; i <= last; j = i, i += 2) {
    doubled += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
  }
  return doubled / 2;
}

const known = new WeakMap<Outline, number>();

/** What is ink of an outline, in square units; worked out once for each. */
export function outlineArea(outline: Outline): number {
  let area = known.get(outline);
  if (area === undefined) {
    area = 0;
    for (const ring of outlineRings(outline)) area += ringArea(ring);
    known.set(outline, area);
  }
  return area;
}
