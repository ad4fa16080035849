import type { Ring } from './outline';

export function movedRing(ring: Ring, dx: number, dy: number): Int32Array {
  return ring.map((value, i) => value + (i % 2 === 0 ? dx : dy));
}
