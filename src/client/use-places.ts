'use client';

import { useMemo } from 'react';
import { type MainPlace, placesOf } from '@/core/edit';
import { placeNameIn } from '@/core/spec';
import { useRun } from './run-session';

export interface PlaceOption {
  readonly id: string;
  readonly label: string;
}

/** The places of the run to choose from, and the one that is looked at on every step until another is chosen. */
export function usePlaces(): {
  readonly place: MainPlace;
  readonly options: readonly PlaceOption[];
  readonly chosen: string;
  readonly choose: (id: string) => void;
} {
  const { spec, place, setAt } = useRun();
  const options = useMemo(
    () => placesOf(spec).map(({ at, use }) => ({ id: keyOf(at), label: placeNameIn(spec, use, at.placeId) })),
    [spec],
  );
  const choose = (id: string) => {
    const [useId = '', placeId = ''] = id.split('-');
    setAt({ useId, placeId, variantId: null });
  };
  return { place, options, chosen: keyOf(place.at), choose };
}

function keyOf({ useId, placeId }: MainPlace['at']): string {
  return `${useId}-${placeId}`;
}
