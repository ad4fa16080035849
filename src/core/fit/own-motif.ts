import { presentOrThrow } from '../outcome';
import type { Slot } from '../resolve';

/** A motif with a height of its own stands in another proportion to its text at each size of that. */
export function hasOwnMotif({ motif }: Slot): boolean {
  return motif?.heightMm !== undefined;
}

const known = new WeakMap<Slot, Slot>();

/** A slot with such a motif, that as tall as it has to be beside capitals of this height. The very same slot for the same height. */
export function withMotifAt(slot: Slot, capHeightMm: number): Slot {
  const motif = presentOrThrow(slot.motif, 'a motif of its own height');
  const share = presentOrThrow(motif.heightMm, 'its height') / capHeightMm;
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
/** Beside a small motif a few steps are enough; beside one that nearly fills its place they would be hundreds. */
const MOST_STEPS = 6;

/**
 * The largest size at which all fits that is in proportion as it is there: what fits at one size fits at every smaller one, and steps come
 * down on it from above. Null where nothing fits, however small the text.
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
  return sizeMm > leastMm ? halved(leastMm, sizeMm, largestAt) : null;
}

/** Between a size at which all has to fit, else nothing does, and one at which it does not. */
function halved<T extends AtSize>(leastMm: number, mostMm: number, largestAt: (sizeMm: number) => T) {
  const least = largestAt(leastMm);
  if (least.largestMm < leastMm) return null;
  let best = { sizeMm: leastMm, found: least };
  let tooMuchMm = mostMm;
  while (best.sizeMm < tooMuchMm * BELOW) {
    const sizeMm = (best.sizeMm + tooMuchMm) / 2;
    const found = largestAt(sizeMm);
    if (found.largestMm >= sizeMm) best = { sizeMm, found };
    else tooMuchMm = sizeMm;
  }
  return best;
}
