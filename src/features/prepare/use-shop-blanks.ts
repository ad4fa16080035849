'use client';

import { useEffect, useState } from 'react';
import { api } from '@/client';
import type { Blank } from '@/core/shop';

/** The shop's blanks by id, read when the step is opened: what is on hand stands there. Null until they are read. */
export function useShopBlanks(): ReadonlyMap<string, Blank> | null {
  const [blanks, setBlanks] = useState<ReadonlyMap<string, Blank> | null>(null);
  useEffect(() => {
    let isCurrent = true;
    void api.blanks().then((answer) => {
      if (isCurrent && answer.ok) setBlanks(new Map(answer.value.blanks.map(({ id, value }) => [id, value])));
    });
    return () => {
      isCurrent = false;
    };
  }, []);
  return blanks;
}
