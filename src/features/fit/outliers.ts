/** A letter height with what it belongs to. */
interface Tall {
  readonly capHeightMm: number;
}

/** Fences as in a box plot; differences under half a millimetre are none to an eye. */
const FENCE = 1.5;
const LEAST_APART_MM = 0.5;

/** Those that stand apart from the others in height, farthest from the middle first. */
export function outliers<T extends Tall>(fits: readonly T[]): readonly T[] {
  if (fits.length < 5) return [];
  const heights = fits.map(({ capHeightMm }) => capHeightMm).sort((a, b) => a - b);
  const [low, middle, high] = [0.25, 0.5, 0.75].map((share) => quantile(heights, share)) as [number, number, number];
  const reach = Math.max(FENCE * (high - low), LEAST_APART_MM);
  const off = ({ capHeightMm }: Tall) => Math.abs(capHeightMm - middle);
  return fits
    .filter(({ capHeightMm }) => capHeightMm < low - reach || capHeightMm > high + reach)
    .sort((a, b) => off(b) - off(a));
}

function quantile(sorted: readonly number[], share: number): number {
  const at = (sorted.length - 1) * share;
  const below = sorted[Math.floor(at)]!;
  return below + (sorted[Math.ceil(at)]! - below) * (at - Math.floor(at));
}
