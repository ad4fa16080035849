import { type Outline, growOutline, isPointInRing } from '../geometry';

/**
 * How many islands hold no disc of this diameter anywhere, in the outline's units; `tolerance`: how finely corners are looked at. An area
 * would not tell them, since a sliver may be long.
 */
export function numCrumbs({ islands }: Outline, width: number, tolerance: number): number {
  const held = growOutline({ islands }, { distance: -width / 2, tolerance, leastArea: 1 });
  // What is left lies within the island that it comes from, and in no other.
  const points = held.islands.map(({ outer }) => [outer[0]!, outer[1]!] as const);
  return islands.filter(
    ({ outer, holes }) =>
      !points.some(([x, y]) => isPointInRing(x, y, outer) && !holes.some((hole) => isPointInRing(x, y, hole))),
  ).length;
}
