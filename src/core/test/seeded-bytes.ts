import type { RandomBytes } from '../ids';

/** Bytes from a small multiplicative generator: the same seed gives the same ids, different calls differ. */
export function seededBytes(seed = 1): RandomBytes {
  let state = (seed % 2147483646) + 1;
  return (count) =>
    Uint8Array.from({ length: count }, () => {
      state = (state * 48271) % 2147483647;
      return (state >> 8) & 0xff;
    });
}
