'use client';

import { useCallback, useMemo } from 'react';
import { useFits, useRun } from '@/client';
import { longestFit } from '@/core/figures';
import { changeRunBlank } from '@/core/blanks';
import type { Blank } from '@/core/shop';
import { filmsOf, layersOfFit } from '@/drawing';
import { BlankBar } from './blank-bar';
import type { PlaceEdit } from './edit';
import { PlaceEditor } from './place-editor';
import { PlacementCard } from './placement-card';

/** The run's blanks and the places on them: measured once, since every size in the run follows from it. */
export function BlankPage() {
  const { place, paths, change, spec } = useRun();
  const fits = useFits();
  const { use, blank, variant, role, measured } = place;
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
  const longest = longestFit(here.filter(({ variantId }) => variantId === variant.id));
  const ink = longest ? layersOfFit(longest, paths, filmsOf(spec.shop.materials)) : [];
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
