import { withMeasured } from '@/core/figures';
import type { FitResult, FoundByMeasuring } from '@/workers/fit-protocol';

/** The fits with what measuring found; those it says nothing of stay the very same objects. */
export function withMeasures(result: FitResult, measured: readonly FoundByMeasuring[]): FitResult {
  const fits = [...result.fits];
  for (const { index, ...found } of measured) {
    const fit = fits[index];
    if (!fit) continue;
    const layers = fit.layers.map((layer, i) => ({ ...layer, measures: found.measures[i] ?? null }));
    fits[index] = { ...withMeasured(fit, found), layers };
  }
  return { ...result, fits };
}
