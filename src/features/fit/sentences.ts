import type { CaseForm } from '@/core/run';

export const CASE_WORDS: Record<CaseForm, string> = {
  asTyped: 'as typed',
  capitals: 'CAPITALS',
  title: 'Capital Initials',
};

/** Languages whose customs change what a capital is; all others are served by the first. */
export const LANGUAGES: readonly (readonly [tag: string, words: string])[] = [
  ['en', 'any other'],
  ['nl', 'Dutch (IJ is one letter)'],
  ['el', 'Greek (capitals without accents)'],
  ['tr', 'Turkish, Azeri (i with its dot)'],
];
