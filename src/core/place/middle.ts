import type { PlaceGeometry } from './place-geometry';
import type { Ring } from './shape-ring';

/**
 * The middle of a place as a ruler finds it: as far from what is above as from what is below it there, as far from the left as
 * from the right at its height. Of what rounds off only the part that is seen counts. Frame of the place.
 */
export function middleOf({
  outline,
  box,
  window,
}: Pick<PlaceGeometry, 'outline' | 'box' | 'window'>): readonly [number, number] {
  const from = Math.max(0, window?.fromMm ?? 0);
  const to = Math.min(box.widthMm, window?.toMm ?? box.widthMm);
  const down = longestChord(outline, (from + to) / 2, 0) ?? [0, box.heightMm];
  const y = (down[0] + down[1]) / 2;
  const across = longestChord(outline, y, 1) ?? [from, to];
  return [(Math.max(across[0], from) + Math.min(across[1], to)) / 2, y];
}

/**
 * The longest stretch of a line that lies inside the ring: of the upright line at `at` for axis 0, of the level one for axis 1.
 * Null when the line misses the ring.
 */
function longestChord(ring: Ring, at: number, axis: 0 | 1): readonly [number, number] | null {
  const other = axis === 0 ? 1 : 0;
  const crossings = ring.flatMap((a, i) => {
    const b = ring[(i + 1) % ring.length]!;
    if (a[axis] > at === b[axis] > at) return [];
    return [a[other] + ((at - a[axis]) / (b[axis] - a[axis])) * (b[other] - a[other])];
  });
  crossings.sort((p, q) => p - q);
  let longest: readonly [number, number] | null = null;
  for (let i = 0; i + 1 < crossings.length; i += 2) {
    const [start, end] = [crossings[i]!, crossings[i + 1]!];
    if (!longest || end - start > longest[1] - longest[0]) longest = [start, end];
  }
  return longest;
}
