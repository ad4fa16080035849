'use client';

import { useEffect, useState } from 'react';
import { useFits, useRun } from '@/client';
import type { Finding } from '@/core/finding';
import type { RemedyOffer } from '@/core/remedies';
import type { FitResult, ScreenFit } from '@/workers/fit-protocol';

interface Answer {
  readonly sizes: FitResult['setSizes'];
  readonly index: number;
  readonly answering: Finding['kind'] | null;
  readonly offers: readonly RemedyOffer[];
}

/** What answers the gravest finding of the fit that is decided on; null while it is worked out. */
export function useRemedies(
  subject: ScreenFit | null,
  answering: Finding['kind'] | null,
): readonly RemedyOffer[] | null {
  const { askFits } = useRun();
  const fits = useFits();
  const [answer, setAnswer] = useState<Answer | null>(null);
  const result = fits.kind === 'ready' ? fits.last : null;
  const index = result && subject ? indexOf(result, subject) : -1;
  // Measures come in bit by bit, and do not change what helps: a new result is one with other fits.
  const sizes = result?.setSizes ?? null;
  useEffect(() => {
    if (!sizes || index < 0) return;
    let isCurrent = true;
    void askFits()
      ?.remedies(index, answering)
      .then((offers) => isCurrent && offers && setAnswer({ sizes, index, answering, offers }))
      // What fails in the worker is told by the fits, across the page.
      .catch(() => isCurrent && setAnswer({ sizes, index, answering, offers: [] }));
    return () => {
      isCurrent = false;
    };
  }, [sizes, index, answering, askFits]);
  const isOfThis = answer?.index === index && answer.sizes === sizes && answer.answering === answering;
  return isOfThis ? answer.offers : null;
}

/** Its place in the result: findings come and go, so that objects are not compared. */
export function indexOf(result: FitResult, { itemId, placeId }: ScreenFit): number {
  return result.fits.findIndex((fit) => fit.itemId === itemId && fit.placeId === placeId);
}
