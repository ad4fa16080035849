import { type DateForm, type DateValue, writeDate } from '@/core/dates';
import type { MonogramRule } from '@/core/names';
import type { Oddity } from '@/core/wording';

export const FORM_WORDS: Readonly<Record<MonogramRule['form'], string>> = {
  three: 'three alike: first, further, family',
  largeCentre: 'family tall in the middle',
  two: 'two: first and family',
  one: 'one letter',
  couple: 'couple: first, family, first',
};

/** Parts of the custom beside its form. */
export interface FinerRule {
  readonly part: 'doubled' | 'particles' | 'noFurther' | 'single';
  readonly label: string;
  readonly answers: readonly { readonly id: string; readonly words: string }[];
  /** Forms for which it matters; null: all. */
  readonly forms: readonly MonogramRule['form'][] | null;
}

export const FINER_RULES: readonly FinerRule[] = [
  {
    part: 'doubled',
    label: 'Two family names with a hyphen',
    answers: [
      { id: 'first', words: 'first of them' },
      { id: 'last', words: 'last of them' },
      { id: 'both', words: 'both' },
    ],
    forms: null,
  },
  {
    part: 'particles',
    label: 'Particles (van, de)',
    answers: [
      { id: 'drop', words: 'left out' },
      { id: 'keep', words: 'counted' },
    ],
    forms: null,
  },
  {
    part: 'noFurther',
    label: 'Without a further given name',
    answers: [
      { id: 'two', words: 'two letters' },
      { id: 'ask', words: 'ask me' },
    ],
    forms: ['three', 'largeCentre'],
  },
  {
    part: 'single',
    label: 'Whose letter',
    answers: [
      { id: 'family', words: 'family' },
      { id: 'given', words: 'given name' },
    ],
    forms: ['one'],
  },
];

export const ODDITY_WORDS: Readonly<Record<Oddity, string>> = {
  longest: 'the longest',
  shortest: 'the shortest',
  onlyCapitals: 'only capitals',
  onlySmall: 'no capital',
  onlyPet: 'pet name, unlike most',
  ownWords: 'words of its own',
};

const SAMPLE: DateValue = { kind: 'day', year: 1976, month: 6, day: 14 };

/** A date form shown on one day, in the language of the run. */
export function sampleDate(form: DateForm, language: string): string {
  const written = writeDate(SAMPLE, form, { language, order: null });
  return written.ok ? written.value : '';
}

export const DATE_LANGUAGES = [
  ['en', 'English'],
  ['en-US', 'English, month first'],
  ['de', 'German'],
  ['fr', 'French'],
  ['es', 'Spanish'],
  ['it', 'Italian'],
  ['nl', 'Dutch'],
  ['pl', 'Polish'],
  ['cy', 'Welsh'],
  ['sv', 'Swedish'],
  ['tr', 'Turkish'],
] as const;
