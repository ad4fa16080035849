'use client';

import { useEffect, useState } from 'react';
import { useFits, useRun } from '@/client';
import type { Comparison } from '@/workers/fit-protocol';

/** The place in another lettering, as long as one is chosen; null while it is drawn. */
export function useComparison(letteringId: string | null): Comparison | null {
  const { askFits, place } = useRun();
  const fits = useFits();
  const sizes = fits.kind === 'ready' ? fits.last.setSizes : null;
  const [answer, setAnswer] = useState<{
    readonly id: string;
    readonly sizes: object;
    readonly value: Comparison;
  } | null>(null);
  const { useId, placeId } = place.at;
  useEffect(() => {
    if (letteringId === null || sizes === null) return;
    let isCurrent = true;
    void askFits()
      ?.compare({ useId, placeId, variantId: null }, letteringId)
      .then((value) => isCurrent && value && setAnswer({ id: letteringId, sizes, value }))
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [letteringId, sizes, useId, placeId, askFits]);
  return answer && answer.id === letteringId && answer.sizes === sizes ? answer.value : null;
}
