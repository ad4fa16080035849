import { nameOfFit } from '@/core/figures';
import { worstSeverity } from '@/core/finding';
import type { ScreenFit } from '@/workers/fit-protocol';
import { fitKey } from './fit-key';

export type DotTone = 'stop' | 'check' | 'fine';

/** One dot of the strip of heights: where it stands, how high it is stacked, whose it is. */
export interface HeightDot {
  readonly key: string;
  readonly text: string;
  readonly mm: number;
  readonly level: number;
  readonly tone: DotTone;
  readonly isChosen: boolean;
  /** Outliers carry their name. */
  readonly isNamed: boolean;
}

/** Dots that look alike are drawn in one go. */
export interface DotLook {
  readonly tone: DotTone;
  readonly isChosen: boolean;
}

/** Every look there is; a dot has one of them. */
export const DOT_LOOKS: readonly DotLook[] = [false, true].flatMap((isChosen) =>
  (['fine', 'check', 'stop'] as const).map((tone) => ({ tone, isChosen })),
);

export function hasLook({ tone, isChosen }: DotLook): (dot: HeightDot) => boolean {
  return (dot) => dot.tone === tone && dot.isChosen === isChosen;
}

const MOST_STACKED = 14;
/** Heights nearer than this are stacked: two dots would cover each other. */
const COLUMNS = 45;
const LEAST_COLUMN_MM = 0.2;

/** Dots that would cover each other are stacked, as far as the strip is high. */
export function heightDots(
  fits: readonly ScreenFit[],
  chosen: ReadonlySet<string>,
  named: ReadonlySet<string>,
): HeightDot[] {
  const heights = fits.map(({ capHeightMm }) => capHeightMm);
  const span = heights.reduce((a, b) => Math.max(a, b), 0) - heights.reduce((a, b) => Math.min(a, b), Infinity);
  const column = Math.max(LEAST_COLUMN_MM, span / COLUMNS);
  const levels = new Map<number, number>();
  return fits.flatMap((fit): HeightDot[] => {
    const at = Math.round(fit.capHeightMm / column);
    const level = levels.get(at) ?? 0;
    levels.set(at, level + 1);
    if (level > MOST_STACKED) return [];
    const worst = worstSeverity(fit.findings);
    const tone = worst === 'stop' || worst === 'check' ? worst : 'fine';
    const key = fitKey(fit);
    const text = nameOfFit(fit);
    return [{ key, text, mm: fit.capHeightMm, level, tone, isChosen: chosen.has(key), isNamed: named.has(key) }];
  });
}

/** What the strip reaches over, in whole millimetres: every dot and the least height, with some room; and how high it is stacked. */
export function reachOf(
  dots: readonly HeightDot[],
  leastMm: number,
): { readonly low: number; readonly high: number; readonly levels: number } {
  const heights = dots.map(({ mm }) => mm);
  return {
    low: Math.floor(heights.reduce((a, b) => Math.min(a, b), leastMm) - 1),
    high: Math.ceil(heights.reduce((a, b) => Math.max(a, b), leastMm) + 1),
    levels: dots.reduce((most, { level }) => Math.max(most, level + 1), 8),
  };
}
