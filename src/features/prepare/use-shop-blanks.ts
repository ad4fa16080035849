'use client';

import { useMemo } from 'react';
import { api, useApiQuery } from '@/client';
import type { Blank } from '@/core/shop';

/** The shop's blanks by id, read when the step is opened: what is on hand stands there. Null until they are read. */
export function useShopBlanks(): ReadonlyMap<string, Blank> | null {
  const { value } = useApiQuery({ key: ['shop', 'blanks'], ask: () => api.things('blanks'), isKept: false });
  return useMemo(() => value && new Map(value.blanks.map((blank) => [blank.id, blank.value])), [value]);
}
