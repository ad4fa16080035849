import { type Outcome, fail, ok } from '../outcome';
import type { DateValue, SingleDate } from './date-value';
import { type MonthLanguage, languageOf, monthName } from './month-names';
import type { DateOrder } from './read-date';
import { writeRoman } from './roman';

/** How a date is cut. A date that says less than the form (a bare year in the long form) is written as far as it goes. */
export const DATE_FORMS = ['year', 'romanYear', 'romanMonth', 'roman', 'long', 'numbers', 'iso'] as const;
export type DateForm = (typeof DATE_FORMS)[number];

/** The form asks for a year that the date does not have. */
export type UnwritableDate = { readonly kind: 'noYear' };

interface Writing {
  /** A tag such as `de` or `en-US`. */
  readonly language: string;
  /** Which comes first in numbers; null: the day. */
  readonly order: DateOrder | null;
}

/** Separates the parts of dates with roman figures: a raised point between spaces. */
const POINT = ' · ';

export function writeDate(value: DateValue, form: DateForm, writing: Writing): Outcome<string, UnwritableDate> {
  if (value.kind !== 'range') return writeSingle(value, form, writing);
  const from = writeSingle(value.from, form, writing);
  const to = writeSingle(value.to, form, writing);
  if (!from.ok) return from;
  if (!to.ok) return to;
  const isBare = !/\s|-/.test(from.value + to.value);
  return ok(from.value === to.value ? to.value : `${from.value}${isBare ? '–' : ' – '}${to.value}`);
}

function writeSingle(date: SingleDate, form: DateForm, writing: Writing): Outcome<string, UnwritableDate> {
  switch (form) {
    case 'year':
      return date.kind === 'dayMonth' ? fail({ kind: 'noYear' }) : ok(String(date.year));
    case 'romanYear':
      return date.kind === 'dayMonth' ? fail({ kind: 'noYear' }) : ok(writeRoman(date.year));
    case 'romanMonth':
      return ok(joined(date, POINT, { day: String, month: writeRoman, year: String }));
    case 'roman':
      return ok(joined(date, POINT, { day: writeRoman, month: writeRoman, year: writeRoman }));
    case 'long':
      return ok(longDate(date, writing));
    case 'numbers':
      return ok(inNumbers(date, writing));
    case 'iso':
      return ok(isoDate(date));
  }
}

type Figure = (value: number) => string;

interface Figures {
  readonly day: Figure;
  readonly month: Figure;
  readonly year: Figure;
}

/** Day, month, year, as far as they are said. */
function joined(date: SingleDate, by: string, { day, month, year }: Figures): string {
  switch (date.kind) {
    case 'year':
      return year(date.year);
    case 'month':
      return [month(date.month), year(date.year)].join(by);
    case 'day':
      return [day(date.day), month(date.month), year(date.year)].join(by);
    case 'dayMonth':
      return [day(date.day), month(date.month)].join(by);
  }
}

const two: Figure = (value) => String(value).padStart(2, '0');

const SEPARATOR: Readonly<Record<MonthLanguage, string>> = {
  en: '/',
  de: '.',
  fr: '/',
  es: '/',
  it: '/',
  nl: '-',
  pl: '.',
};

function inNumbers(date: SingleDate, { language, order }: Writing): string {
  const by = SEPARATOR[languageOf(language)];
  if (order === 'mdy' && date.kind === 'day') return [two(date.month), two(date.day), date.year].join(by);
  if (order === 'mdy' && date.kind === 'dayMonth') return [two(date.month), two(date.day)].join(by);
  return joined(date, by, { day: two, month: two, year: String });
}

function isoDate(date: SingleDate): string {
  switch (date.kind) {
    case 'year':
      return String(date.year);
    case 'month':
      return `${date.year}-${two(date.month)}`;
    case 'day':
      return `${date.year}-${two(date.month)}-${two(date.day)}`;
    case 'dayMonth':
      return `--${two(date.month)}-${two(date.day)}`;
  }
}

function longDate(date: SingleDate, { language }: Writing): string {
  const base = languageOf(language);
  if (date.kind === 'year') return String(date.year);
  const month = monthName(date.month, base, date.kind === 'month' ? 'year' : 'day');
  if (date.kind === 'month') return base === 'es' ? `${month} de ${date.year}` : `${month} ${date.year}`;
  if (/^en-US$/i.test(language)) return `${month} ${date.day}${date.kind === 'day' ? `, ${date.year}` : ''}`;
  const day = dayWords(date.day, base);
  if (base === 'es') return date.kind === 'day' ? `${day} de ${month} de ${date.year}` : `${day} de ${month}`;
  return date.kind === 'day' ? `${day} ${month} ${date.year}` : `${day} ${month}`;
}

/** German puts a point after the day; French and Italian say "first" for the 1st alone. */
function dayWords(day: number, language: MonthLanguage): string {
  if (language === 'de') return `${day}.`;
  if (day === 1 && language === 'fr') return '1er';
  if (day === 1 && language === 'it') return '1º';
  return String(day);
}
