/** Where rings cross a height, from left to right: between the first two, the next two and so on lies what they enclose. */
export function crossingsAt(rings: Iterable<ArrayLike<number>>, y: number): number[] {
  const found: number[] = [];
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [ay, by] = [ring[j + 1]!, ring[k + 1]!];
      if (ay <= y !== by <= y) found.push(ring[j]! + ((y - ay) / (by - ay)) * (ring[k]! - ring[j]!));
    }
  }
  return found.sort((a, b) => a - b);
}
