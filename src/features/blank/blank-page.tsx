'use client';

import { useRun } from '@/client';
import { hasStop } from '@/core/finding';
import { mainPlace } from '@/core/run';
import { BlankDrawing } from './blank-drawing';
import { BlankForm } from './blank-form';
import type { ScreenFit } from '@/workers/fit-protocol';

/** The blank and the place on it: measured once, since every size in the run follows from it. */
export function BlankPage() {
  const { spec, fits, paths } = useRun();
  const place = mainPlace(spec);
  const longest = longestOf(fits.last?.fits ?? []);
  return (
    <div className="grid flex-1 lg:grid-cols-[340px_minmax(0,1fr)]">
      <BlankForm place={place} />
      <BlankDrawing
        place={place}
        fit={longest}
        path={longest ? paths.pathOf(longest.textNo) : ''}
        film={place.material.colour.hex}
      />
    </div>
  );
}

/** The widest at a common size among those that may be cut; null when there is none. */
function longestOf(fits: readonly ScreenFit[]): ScreenFit | null {
  let longest: ScreenFit | null = null;
  for (const fit of fits) {
    if (hasStop(fit.findings)) continue;
    if (!longest || fit.inkWidthMm / fit.emMm > longest.inkWidthMm / longest.emMm) longest = fit;
  }
  return longest;
}
