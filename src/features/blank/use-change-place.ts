'use client';

import { useCallback } from 'react';
import type { Variant } from '@/core/shop';
import { changeMeasures, changeVariantOf } from '@/core/edit';
import type { ChangePlace, PlaceEdit } from './edit';

/** Changes of the edited place and of its size and colour, each as one step. */
export function useChangePlace({ changeBlank, variant, role }: PlaceEdit): {
  readonly changePlace: ChangePlace;
  readonly changeVariant: (change: Partial<Variant>) => void;
} {
  const { id: variantId } = variant;
  const { id: placeId } = role;
  const changePlace: ChangePlace = useCallback(
    (change) => changeBlank((blank) => changeMeasures(blank, variantId, placeId, (place) => ({ ...place, ...change }))),
    [changeBlank, variantId, placeId],
  );
  const changeVariant = useCallback(
    (change: Partial<Variant>) =>
      changeBlank((blank) => changeVariantOf(blank, variantId, (one) => ({ ...one, ...change }))),
    [changeBlank, variantId],
  );
  return { changePlace, changeVariant };
}
