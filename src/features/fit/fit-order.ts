import { type Severity, worstSeverity } from '@/core/finding';
import type { ScreenFit } from '@/workers/fit-protocol';

export type FitOrder = 'risk' | 'roster' | 'smallest' | 'tallest';

const RANK: Record<Severity, number> = { stop: 0, check: 1, note: 2 };

/** By letter height, or by risk: stops, then checks, then the smallest letters, which are the hardest to weed. */
export function ordered(fits: readonly ScreenFit[], order: FitOrder): readonly ScreenFit[] {
  if (order === 'roster') return fits;
  if (order === 'smallest') return [...fits].sort((a, b) => a.capHeightMm - b.capHeightMm);
  if (order === 'tallest') return [...fits].sort((a, b) => b.capHeightMm - a.capHeightMm);
  const rank = ({ findings }: ScreenFit) => {
    const worst = worstSeverity(findings);
    return worst === null || worst === 'note' ? RANK.note : RANK[worst];
  };
  return [...fits].sort((a, b) => rank(a) - rank(b) || a.capHeightMm - b.capHeightMm);
}
