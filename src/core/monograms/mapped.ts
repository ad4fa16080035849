import type { Ring } from '../geometry';

export type MapPoint = (x: number, y: number) => readonly [number, number];

/** A ring through a mapping that bends: its edges are split first, so that none is longer than `longest`. */
export function mappedRing(ring: Ring, longest: number, map: MapPoint): Int32Array {
  const numSteps = (k: number, j: number): number => {
    const [dx, dy] = [ring[k]! - ring[j]!, ring[k + 1]! - ring[j + 1]!];
    return Math.max(1, Math.ceil(Math.sqrt(dx * dx + dy * dy) / longest));
  };
  let numPoints = 0;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) numPoints += numSteps(k, j);
  const points = new Int32Array(2 * numPoints);
  let at = 0;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const steps = numSteps(k, j);
    for (let step = 1; step <= steps; step++) {
      const [x, y] = map(ax + ((bx - ax) * step) / steps, ay + ((by - ay) * step) / steps);
      points[at++] = Math.round(x);
      points[at++] = Math.round(y);
    }
  }
  return points;
}
