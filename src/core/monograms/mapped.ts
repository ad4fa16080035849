import type { Ring } from '../geometry';

export type MapPoint = (x: number, y: number) => readonly [number, number];

/** A ring through a mapping that bends: its edges are split first, so that none is longer than `longest`. */
export function mappedRing(ring: Ring, longest: number, map: MapPoint): Int32Array {
  const points: number[] = [];
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / longest));
    for (let step = 1; step <= steps; step++) {
      const [x, y] = map(ax + ((bx - ax) * step) / steps, ay + ((by - ay) * step) / steps);
      points.push(Math.round(x), Math.round(y));
    }
  }
  return Int32Array.from(points);
}
