import { type Oklab, converter, differenceEuclidean } from 'culori';

/** Two colours that should not lie on each other. */
export interface ContrastProblem {
  readonly why: 'alike' | 'clash';
  /** Perceptual distance, 0 the same, 100 black on white. */
  readonly difference: number;
}

const toOklch = converter('oklch');
const toOklab = converter('oklab');
const distance = differenceEuclidean('oklab');

const known = new Map<string, Oklab | undefined>();
const MOST_KEPT = 1000;

/** Read once: a run has a handful of colours, and every fit asks. */
function readColour(hex: string): Oklab | undefined {
  if (known.has(hex)) return known.get(hex);
  if (known.size >= MOST_KEPT) known.clear();
  const colour = toOklab(hex);
  known.set(hex, colour);
  return colour;
}

/** Nearer than this, a name is hard to read from a few steps away: charcoal on navy, cream on white. */
const ALIKE = 20;
/** Colours as strong as this and no farther apart in hue and lightness look like a failed match: red on another red. */
const STRONG_CHROMA = 0.08;
const SAME_HUE_DEG = 32;
const CLASH = 40;

/** Distance in a perceptual space (OKLab, B. Ottosson 2020) of two colours `#rrggbb`. */
export function contrastOf(one: string, other: string): number {
  const [a, b] = [readColour(one), readColour(other)];
  return 100 * (a && b ? distance(a, b) : NaN);
}

/** How light a colour `#rrggbb` looks, 0 black and 100 white, in the same space. */
export function lightnessOf(hex: string): number {
  return 100 * (readColour(hex)?.l ?? 0);
}

/** What is wrong with one colour on another; null when nothing is. */
export function contrastProblem(film: string, blank: string): ContrastProblem | null {
  const difference = contrastOf(film, blank);
  const [a, b] = [toOklch(readColour(film)), toOklch(readColour(blank))];
  const areStrong = (a?.c ?? 0) >= STRONG_CHROMA && (b?.c ?? 0) >= STRONG_CHROMA;
  const turn = Math.abs((a?.h ?? 0) - (b?.h ?? 0)) % 360;
  const isSameHue = areStrong && Math.min(turn, 360 - turn) <= SAME_HUE_DEG;
  // The very same colour on itself is hidden on purpose, or a mistake that the first test tells.
  if (isSameHue && difference > 2 && difference < CLASH) return { why: 'clash', difference };
  return difference < ALIKE ? { why: 'alike', difference } : null;
}
