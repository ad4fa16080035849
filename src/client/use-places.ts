'use client';

import { useMemo } from 'react';
import { type MainPlace, placesOf } from '@/core/run';
import { useRun } from './run-session';

export interface PlaceOption {
  readonly id: string;
  /** `garment bag, chest`: the blank only where the run has more than one. */
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
  const options = useMemo(() => {
    const places = placesOf(spec);
    return places.map(({ at, blank, role, use }) => {
      const isAlone = spec.uses.length === 1;
      // The same blank twice in one run: told apart by its place in the order.
      const twice = spec.uses.filter(({ blankId }) => blankId === use.blankId).length > 1;
      const no = twice ? ` ${spec.uses.indexOf(use) + 1}` : '';
      return { id: keyOf(at), label: isAlone ? role.name : `${blank.name}${no}, ${role.name}` };
    });
  }, [spec]);
  const choose = (id: string) => {
    const [useId = '', placeId = ''] = id.split('-');
    setAt({ useId, placeId, variantId: null });
  };
  return { place, options, chosen: keyOf(place.at), choose };
}

function keyOf({ useId, placeId }: MainPlace['at']): string {
  return `${useId}-${placeId}`;
}
