import type { Slot } from '../resolve';

/** A motif with a height of its own stands in another proportion to its text at each size of that. */
export function hasOwnMotif({ motif }: Slot): boolean {
  return motif?.heightMm !== undefined;
}

const known = new WeakMap<Slot, Slot>();

/** The slot with its motif as tall as it has to be beside capitals of this height. The very same slot for the same height. */
export function withMotifAt(slot: Slot, capHeightMm: number): Slot {
  const { motif } = slot;
  if (motif?.heightMm === undefined || capHeightMm <= 0) return slot;
  const share = motif.heightMm / capHeightMm;
  const found = known.get(slot);
  if (found?.motif?.share === share) return found;
  const at = { ...slot, motif: { ...motif, share } };
  known.set(slot, at);
  return at;
}

/** What is found at a size: the largest that the place holds with everything in proportion as it is at that size. */
export interface AtSize {
  readonly largestMm: number;
}

/** Each step stays so far below what the one before found, so that the last one fits for certain. */
const BELOW = 0.9995;
const MOST_STEPS = 60;

/**
 * The largest size at which all fits that is in proportion as it is there: `largestAt` grows with its size, so that the steps come down
 * on it from above. Null where nothing fits, however small the text.
 */
export function largestInProportion<T extends AtSize>(
  fromMm: number,
  leastMm: number,
  largestAt: (sizeMm: number) => T,
): { readonly sizeMm: number; readonly found: T } | null {
  let sizeMm = fromMm;
  for (let step = 0; step < MOST_STEPS && sizeMm > leastMm; step++) {
    const found = largestAt(sizeMm);
    if (found.largestMm >= sizeMm) return { sizeMm, found };
    sizeMm = found.largestMm * BELOW;
  }
  return null;
}
