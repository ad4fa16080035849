'use client';

import { useState } from 'react';
import { api, useApiQuery } from '@/client';
import { DEFAULT_BLANK, DEFAULT_LETTERINGS } from '@/core/shop';

const [FIRST_LETTERING] = DEFAULT_LETTERINGS;

/** On which blank of the shop a run begins, and in which lettering; until somebody chooses, as a bare run does. */
export function useStartChoice() {
  const blanks = useApiQuery({ key: ['shop', 'blanks'], ask: () => api.things('blanks'), isKept: false });
  const letterings = useApiQuery({ key: ['shop', 'letterings'], ask: () => api.things('letterings'), isKept: false });
  const [blankId, setBlank] = useState<string | null>(null);
  const [letteringId, setLettering] = useState<string | null>(null);
  const allBlanks = blanks.value?.blanks ?? [];
  const allLetterings = letterings.value?.letterings ?? [];
  return {
    blanks: allBlanks,
    letterings: allLetterings,
    blank: allBlanks.find(({ id }) => id === (blankId ?? DEFAULT_BLANK.id)) ?? null,
    lettering: allLetterings.find(({ id }) => id === (letteringId ?? FIRST_LETTERING.id)) ?? null,
    /** Only what was chosen: a bare run begins as it always does. */
    wish: { ...(blankId ? { blankId } : {}), ...(letteringId ? { letteringId } : {}) },
    setBlank,
    setLettering,
  };
}
