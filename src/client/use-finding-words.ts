'use client';

import { useMemo } from 'react';
import type { Finding } from '@/core/finding';
import { type Units, findingSentence, findingWords } from '@/core/sentences';
import { useHeat } from './use-heat';
import { useLengths } from './use-lengths';

export interface FindingTexts {
  readonly sentence: (finding: Finding) => string;
  readonly words: (finding: Finding) => string;
}

/** Findings in words, in the units of this station. */
export function useFindingWords(): FindingTexts {
  const units = useUnits();
  return useMemo(
    () => ({
      sentence: (finding) => findingSentence(finding, units),
      words: (finding) => findingWords(finding, units),
    }),
    [units],
  );
}

/** What this station says lengths and heat in. */
export function useUnits(): Units {
  const { unit: length } = useLengths();
  const { unit: heat } = useHeat();
  return useMemo(() => ({ length, heat }), [length, heat]);
}
