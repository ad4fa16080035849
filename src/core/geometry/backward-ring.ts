import type { Ring } from './outline';

/** The same ring gone round the other way: what was material is a hole. */
export function backwardRing(ring: Ring): Int32Array {
  const turned = new Int32Array(ring.length);
  for (let i = 0; i < ring.length; i += 2) {
    turned[i] = ring[ring.length - 2 - i]!;
    turned[i + 1] = ring[ring.length - 1 - i]!;
  }
  return turned;
}
