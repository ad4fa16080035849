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
