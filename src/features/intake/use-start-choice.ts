'use client';

import { useMemo, useState } from 'react';
import { api, useApiQuery } from '@/client';
import { DEFAULT_BLANK, DEFAULT_LETTERINGS } from '@/core/shop';
import type { ShopThingView } from '@/services';

const [FIRST_LETTERING] = DEFAULT_LETTERINGS;

/** On which blank of the shop a run begins, and in which lettering; until somebody chooses, as a bare run does. */
export function useStartChoice() {
  const blanks = useShelf('blanks');
  const letterings = useShelf('letterings');
  const materials = useShelf('materials');
  const [blankId, setBlank] = useState<string | null>(null);
  const [letteringId, setLettering] = useState<string | null>(null);
  return {
    blanks,
    letterings,
    materials,
    blankId: blankId ?? DEFAULT_BLANK.id,
    letteringId: letteringId ?? FIRST_LETTERING.id,
    /** Only what was chosen: a bare run begins as it always does. */
    wish: { ...(blankId ? { blankId } : {}), ...(letteringId ? { letteringId } : {}) },
    blank: blanks.find(({ id }) => id === blankId) ?? null,
    lettering: letterings.find(({ id }) => id === letteringId) ?? null,
    setBlank,
    setLettering,
  };
}

/** What stands on a shelf of the shop, as copies that a run takes; the very same ones until it is read anew. */
function useShelf<S extends 'blanks' | 'letterings' | 'materials'>(shelf: S) {
  const { value } = useApiQuery({ key: ['shop', shelf], ask: () => api.things(shelf), isKept: false });
  const things = value?.[shelf];
  return useMemo(() => (things ?? []).map(copyOf), [things]);
}

function copyOf<T>({ id, rev, value }: ShopThingView<T>) {
  return { id, fromRev: rev === 0 ? null : rev, value };
}
