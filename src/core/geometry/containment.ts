/** Ray casting to the right. Points exactly on the ring may fall either way: ask about points that are clear of it. */
export function isPointInRing(x: number, y: number, ring: ArrayLike<number>): boolean {
  let isInside = false;
  const last = ring.length - 2;
  for (let i = 0, j = last; i <= last; j = i, i += 2) {
    const yi = ring[i + 1]!;
    const yj = ring[j + 1]!;
    if (yi > y === yj > y) continue;
    const crossingX = ring[i]! + ((y - yi) * (ring[j]! - ring[i]!)) / (yj - yi);
    if (x < crossingX) isInside = !isInside;
  }
  return isInside;
}
