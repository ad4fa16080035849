/** Bounds of `x0, y0, x1, y1, …` */
export function boxOf(ring: ArrayLike<number>): { minX: number; minY: number; maxX: number; maxY: number } {
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (let i = 0; i < ring.length; i += 2) {
    minX = Math.min(minX, ring[i]!);
    maxX = Math.max(maxX, ring[i]!);
    minY = Math.min(minY, ring[i + 1]!);
    maxY = Math.max(maxY, ring[i + 1]!);
  }
  return { minX, minY, maxX, maxY };
}
