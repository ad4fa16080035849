'use client';

import { useEffect, useMemo, useState } from 'react';
import { type FitsState, useRun, whenIdle } from '@/client';
import { awaitsMeasure, countDecisions } from '@/core/figures';
import { listQuestions } from '@/core/roster';

/** How many entries asked something when everything was last measured; null before that. */
export function useSettledDecisions({ last }: FitsState): number | null {
  const [settled, setSettled] = useState<number | null>(null);
  const now = useMemo(() => (last && !last.fits.some(awaitsMeasure) ? countDecisions(last.fits) : null), [last]);
  if (now !== null && now !== settled) setSettled(now);
  return now ?? settled;
}

/** Beyond so many entries a list's questions take so long to find that only Roster, where they are asked, looks for them. */
const MOST_COUNTED = 3000;

/** How many questions of the list wait; counted once nothing else is to be done. Null: not counted. */
export function useNumQuestions(): number | null {
  const { spec } = useRun();
  const [num, setNum] = useState<number | null>(null);
  useEffect(() => {
    if (spec.entries.length > MOST_COUNTED) return undefined;
    return whenIdle(() => setNum(listQuestions(spec).length));
  }, [spec]);
  return num;
}
