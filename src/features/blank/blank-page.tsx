'use client';

import { useCallback, useMemo } from 'react';
import { useRun } from '@/client';
import { hasStop } from '@/core/finding';
import { changeRunBlank } from '@/core/blanks';
import type { Blank } from '@/core/shop';
import type { ScreenFit } from '@/workers/fit-protocol';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';
import { BlankBar } from './blank-bar';
import type { DrawnInk } from './drawn-ink';
import type { PlaceEdit } from './edit';
import { PlaceEditor } from './place-editor';
import { PlacementCard } from './placement-card';

/** The run's blanks and the places on them: measured once, since every size in the run follows from it. */
export function BlankPage() {
  const { place, fits, paths, change } = useRun();
  const { use, blank, variant, role, measured, material } = place;
  const { useId, placeId } = place.at;
  const here = useMemo(
    () => (fits.last?.fits ?? []).filter((fit) => fit.useId === useId && fit.placeId === placeId),
    [fits.last, useId, placeId],
  );
  const changeOwn = useCallback(
    (edit: (now: Blank) => Blank) => change((spec) => changeRunBlank(spec, use.blankId, edit)),
    [change, use.blankId],
  );
  const edit: PlaceEdit = {
    blank,
    variant,
    role,
    measured,
    isMirrored: variant.places[role.id] === undefined,
    changeBlank: changeOwn,
  };
  const longest = longestOf(here.filter(({ variantId }) => variantId === variant.id));
  const ink: DrawnInk | null = longest && {
    fit: longest,
    path: paths.pathOf(longest.textNo),
    scale: longest.emMm / PATH_UNITS_PER_EM,
    film: material.colour.hex,
  };
  return (
    <div className="flex flex-1 flex-col">
      <BlankBar />
      <PlaceEditor key={`${useId}-${placeId}-${variant.id}`} edit={edit} ink={ink}>
        <p className="text-soft">
          {longest
            ? `Drawn with ${longest.text.join(' ')}, the longest of the run${blank.variants.length > 1 ? ' in this size and colour' : ''}.`
            : 'No text to draw here yet.'}
        </p>
        <PlacementCard place={place} fits={here} />
      </PlaceEditor>
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
