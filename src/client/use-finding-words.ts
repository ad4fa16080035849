'use client';

import { useMemo } from 'react';
import type { Finding } from '@/core/finding';
import { findingSentence, findingWords } from '@/core/sentences';
import { useHeat } from './use-heat';
import { useLengths } from './use-lengths';

export interface FindingTexts {
  readonly sentence: (finding: Finding) => string;
  readonly words: (finding: Finding) => string;
}

/** Findings in words, in the units of this station. */
export function useFindingWords(): FindingTexts {
  const { unit: length } = useLengths();
  const { unit: heat } = useHeat();
  return useMemo(
    () => ({
      sentence: (finding) => findingSentence(finding, { length, heat }),
      words: (finding) => findingWords(finding, { length, heat }),
    }),
    [length, heat],
  );
}
