'use client';

import type { Lettering } from '@/core/shop';
import type { SampleAnswer } from '@/services';
import { api } from './api';
import { useApiQuery } from './api-query';

/** A text as a lettering would cut it; null while it is drawn, and without ink. */
export function useLetteringSample(lettering: Lettering, text: string): SampleAnswer | null {
  const { value } = useApiQuery({
    key: ['lettering-sample', lettering.lines, text],
    ask: () => api.letteringSample(lettering, text),
    isKept: true,
  });
  return value?.sample ?? null;
}
