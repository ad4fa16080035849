import polylabel from 'polylabel';
import type { Ring } from './outline';

export interface Disc {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** The largest disc that lies in a ring, whichever way it runs; its radius is short by `precision` at most, in the ring's units. */
export function largestDisc(ring: Ring, precision: number): Disc {
  const points = Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const);
  const found = polylabel([points], precision);
  return { x: found[0], y: found[1], radius: Math.max(0, found.distance) };
}
