import type { Box } from './box';
import type { Ring } from './outline';

/** The edge of a box as an outer ring. */
export function boxRing({ minX, minY, maxX, maxY }: Box): Ring {
  return Int32Array.of(minX, minY, maxX, minY, maxX, maxY, minX, maxY);
}
