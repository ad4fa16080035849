import { type Outcome, fail, ok } from '../outcome';
import { type DateValue, type SingleDate, FIRST_YEAR, LAST_YEAR, isBefore, isRealDate } from './date-value';
import { monthsOfWord } from './month-names';
import { readRoman } from './roman';

/** Which of two small numbers is the day: day first, or month first. */
export type DateOrder = 'dmy' | 'mdy';

export interface DateReading {
  /** Null: nobody has said yet, so a date that could be either is not read. */
  readonly order: DateOrder | null;
  /** Two-digit years up to it belong to 2000, those above to 1900. */
  readonly pivot: number;
}

export type DateProblem =
  | { readonly kind: 'noDate' }
  /** Could be either; both readings are real dates. */
  | { readonly kind: 'ambiguous'; readonly dmy: SingleDate; readonly mdy: SingleDate }
  /** Looks like a date and is none: the 31st of April, month 14. */
  | { readonly kind: 'impossible'; readonly said: string; readonly fitsOrder: DateOrder | null }
  /** A range whose end lies before its beginning. */
  | { readonly kind: 'backwards'; readonly said: string }
  | { readonly kind: 'unread'; readonly said: string };

/**
 * Reads a date in any usual way of writing it. Two-digit years go by the pivot; `03/04` is a problem until an order is
 * chosen. What is not surely a date is not read as one.
 */
export function readDate(said: string, reading: DateReading): Outcome<DateValue, DateProblem> {
  const text = said.normalize('NFC').replace(/\s+/gu, ' ').trim();
  if (text === '') return fail({ kind: 'noDate' });
  const single = readSingle(text, reading);
  if (single.ok || single.problem.kind !== 'unread') return single;
  return readRange(text, reading) ?? fail({ kind: 'unread', said: text });
}

type Single = Outcome<SingleDate, DateProblem>;

function readSingle(text: string, reading: DateReading): Single {
  return (
    readAlone(text, reading) ?? readIso(text) ?? readParts(text, reading) ?? readWords(text, reading) ?? unread(text)
  );
}

function unread(said: string): Single {
  return fail({ kind: 'unread', said });
}

function real(date: SingleDate, said: string): Single {
  return isRealDate(date) ? ok(date) : fail({ kind: 'impossible', said, fitsOrder: null });
}

/** A year by itself: `1976`, `'76`, `76`, `MCMLXXVI`. */
function readAlone(text: string, reading: DateReading): Single | null {
  const year = yearOf(text, reading);
  return year === null ? null : ok({ kind: 'year', year });
}

function yearOf(text: string, { pivot }: DateReading): number | null {
  const isShort = /^['’]?\d\d$/.test(text);
  if (isShort) return fullYear(Number(text.replace(/\D/g, '')), pivot);
  const roman = /^[MDCLXVI]+$/i.test(text) ? readRoman(text) : null;
  const year = roman?.ok ? roman.value : /^\d{4}$/.test(text) ? Number(text) : 0;
  return year >= FIRST_YEAR && year <= LAST_YEAR ? year : null;
}

function fullYear(short: number, pivot: number): number {
  return short <= pivot ? 2000 + short : 1900 + short;
}

/** Spreadsheets and programs write this one; a time of day after it says nothing about the day. */
function readIso(text: string): Single | null {
  const day = /^(\d{4})-(\d\d?)-(\d\d?)(?:[T ]\d\d:\d\d.*)?$/.exec(text);
  if (day) return real({ kind: 'day', year: Number(day[1]), month: Number(day[2]), day: Number(day[3]) }, text);
  const month = /^(\d{4})-(\d\d)$/.exec(text);
  // `1976-77` is a season, not a month.
  if (month && Number(month[2]) <= 12)
    return real({ kind: 'month', year: Number(month[1]), month: Number(month[2]) }, text);
  const dayMonth = /^--(\d\d)-(\d\d)$/.exec(text);
  return dayMonth && real({ kind: 'dayMonth', month: Number(dayMonth[1]), day: Number(dayMonth[2]) }, text);
}

const BETWEEN = /\s*[./·•∙|-]\s*|\s+/;

/** Two or three figures with the same kind of mark between them; a roman month says by itself which one it is. */
function readParts(text: string, reading: DateReading): Single | null {
  const parts = text.replace(/\.$/, '').split(BETWEEN);
  if (parts.length < 2 || parts.length > 3 || !parts.every((part) => /^(['’]?\d{1,4}|[MDCLXVI]+)$/i.test(part)))
    return null;
  const romanMonth = parts.length === 3 ? romanAt(parts, 1) : (romanAt(parts, 1) ?? romanAt(parts, 0));
  if (romanMonth !== null) return readRomanMonth(parts, romanMonth, text, reading);
  if (!parts.every((part) => /^['’]?\d+$/.test(part))) return null;
  return parts.length === 3 ? readThree(parts, text, reading) : readTwo(parts, text, reading);
}

function romanAt(parts: readonly string[], at: number): number | null {
  const roman = /^[XVI]+$/i.test(parts[at] ?? '') ? readRoman(parts[at]!) : null;
  return roman?.ok && roman.value <= 12 ? roman.value : null;
}

function readRomanMonth(parts: readonly string[], month: number, text: string, reading: DateReading): Single | null {
  const [first = '', second = '', third] = parts;
  if (third !== undefined) {
    const [day, year] = [figure(first), yearOf(third, reading)];
    return day === null || year === null ? null : real({ kind: 'day', year, month, day }, text);
  }
  const year = yearOf(second, reading);
  if (year !== null && !/^[XVI]+$/i.test(second)) return real({ kind: 'month', year, month }, text);
  const longYear = second.length > 2 ? yearOf(second, reading) : null;
  if (longYear !== null) return real({ kind: 'month', year: longYear, month }, text);
  const day = figure(first);
  const last = romanAt(parts, 1);
  return day === null || last === null ? null : real({ kind: 'dayMonth', month: last, day }, text);
}

/** A day's number, in either kind of figures. */
function figure(part: string): number | null {
  if (/^\d{1,2}$/.test(part)) return Number(part);
  const roman = readRoman(part);
  return roman.ok && roman.value <= 31 ? roman.value : null;
}

function readThree(
  [first = '', second = '', third = '']: readonly string[],
  text: string,
  reading: DateReading,
): Single | null {
  if (/^\d{4}$/.test(first)) {
    return third.length > 2
      ? null
      : real({ kind: 'day', year: Number(first), month: Number(second), day: Number(third) }, text);
  }
  const year = yearOf(third, reading);
  if (year === null || second.length > 2 || first.length > 2) return null;
  return inOrder([first, second], (month, day) => ({ kind: 'day', year, month, day }), text, reading);
}

function readTwo([first = '', second = '']: readonly string[], text: string, reading: DateReading): Single | null {
  if (/^\d{4}$/.test(second))
    return first.length > 2 ? null : real({ kind: 'month', year: Number(second), month: Number(first) }, text);
  if (first.length > 2 || second.length > 2 || /['’]/.test(first + second)) return null;
  return inOrder([first, second], (month, day) => ({ kind: 'dayMonth', month, day }), text, reading);
}

function inOrder(
  figures: readonly [string, string],
  make: (month: number, day: number) => SingleDate,
  said: string,
  { order }: DateReading,
): Single {
  const [first, second] = figures.map(Number) as [number, number];
  const [dmy, mdy] = [make(second, first), make(first, second)];
  const [isDmy, isMdy] = [isRealDate(dmy), isRealDate(mdy)];
  if (!isDmy && !isMdy) return fail({ kind: 'impossible', said, fitsOrder: null });
  if (order === null) {
    if (isDmy && isMdy && first !== second) return fail({ kind: 'ambiguous', dmy, mdy });
    return ok(isDmy ? dmy : mdy);
  }
  if (order === 'dmy') return isDmy ? ok(dmy) : fail({ kind: 'impossible', said, fitsOrder: 'mdy' });
  return isMdy ? ok(mdy) : fail({ kind: 'impossible', said, fitsOrder: 'dmy' });
}

/** Small words that stand within dates and say nothing. */
const FILLERS = new Set('de del of the di le el il den der am the du d roku r van'.split(' '));
const ORDINAL = /^(\d{1,2})(?:st|nd|rd|th|er|ère|e|ste|de|º|ª|°|\.)?$/i;

/** Day, month by name and year in any order, as far as they are there. */
function readWords(text: string, reading: DateReading): Single | null {
  const words = text.split(/[\s,/·-]+|(?<=\.)(?=[^\s.])/u).filter((word) => word !== '');
  const told = words.filter((word) => !FILLERS.has(word.replace(/[.’']$/, '').toLowerCase()) && !isWeekday(word));
  const named = told.map((word) => (/\d/.test(word) ? [] : monthsOfWord(word)));
  const monthAt = named.findIndex((months) => months.length === 1);
  const [month] = named[monthAt] ?? [];
  if (month === undefined || told.length > 3 || told.length < 2) return null;
  const others = told.filter((_, i) => i !== monthAt);
  const [first = '', second] = others;
  if (second === undefined) return dayOrYear(first, month, text, reading);
  const isYearFirst = /^\d{4}$/.test(first);
  const day = dayOf(isYearFirst ? second : first);
  const year = yearOf((isYearFirst ? first : second).replace(/\.$/, ''), reading);
  return day === null || year === null ? null : real({ kind: 'day', year, month, day }, text);
}

function dayOrYear(word: string, month: number, text: string, reading: DateReading): Single | null {
  const day = dayOf(word);
  if (day !== null) return real({ kind: 'dayMonth', month, day }, text);
  const year = yearOf(word, reading);
  return year === null ? null : real({ kind: 'month', year, month }, text);
}

function dayOf(word: string): number | null {
  const found = ORDINAL.exec(word);
  return found ? Number(found[1]) : null;
}

const WEEKDAYS =
  /^(mon|tues|wednes|thurs|fri|satur|sun)day$|^(mon|tue|wed|thu|fri|sat|sun)$|^(mo|di|mi|do|fr|sa|so)\.?$|^(montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonnabend|sonntag|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|mi[ée]rcoles|jueves|viernes|s[áa]bado|domingo|luned[iì]|marted[iì]|mercoled[iì]|gioved[iì]|venerd[iì]|sabato|domenica|maandag|dinsdag|woensdag|donderdag|vrijdag|zaterdag|zondag|poniedziałek|wtorek|środa|czwartek|piątek|sobota|niedziela)$/i;

function isWeekday(word: string): boolean {
  return WEEKDAYS.test(word.replace(/,$/, ''));
}

/** What stands between the ends of a range, the surest first. A bare hyphen parts only figures. */
const RANGE_MARKS = [
  /\s*[–—]\s*/,
  /\s+-\s+/,
  /\s+(?:to|until|till|bis|à|au|a|al|tot|do)\s+/i,
  /(?<=^\d{4})[-/](?=\d{2}(?:\d{2})?$)/,
];

function readRange(text: string, reading: DateReading): Outcome<DateValue, DateProblem> | null {
  for (const mark of RANGE_MARKS) {
    const ends = text.split(mark);
    if (ends.length !== 2) continue;
    const [first = '', second = ''] = ends;
    const to = readSingle(endYear(first, second), reading);
    if (!to.ok) {
      if (to.problem.kind === 'unread') continue;
      return to;
    }
    const from = readStart(first, to.value, reading);
    if (!from.ok) {
      if (from.problem.kind === 'unread') continue;
      return from;
    }
    if (isBefore(to.value, from.value)) return fail({ kind: 'backwards', said: text });
    return ok({ kind: 'range', from: from.value, to: to.value });
  }
  return null;
}

/** `1976–77`: the end belongs to the century of the start, not to the pivot. */
function endYear(first: string, second: string): string {
  return /^\d{4}$/.test(first) && /^\d\d$/.test(second) ? first.slice(0, 2) + second : second;
}

/** `12 – 14 June 2026`, `30 May – 2 June 2026`: what the start leaves out is said by the end. */
function readStart(text: string, to: SingleDate, reading: DateReading): Single {
  const day = dayOf(text);
  if (day !== null && to.kind === 'day') return real({ ...to, day }, text);
  if (day !== null && to.kind === 'dayMonth') return real({ ...to, day }, text);
  const [month, ...others] = monthsOfWord(text);
  if (month !== undefined && others.length === 0 && to.kind === 'month') return real({ ...to, month }, text);
  const from = readSingle(text, reading);
  if (from.ok && from.value.kind === 'dayMonth' && to.kind === 'day') {
    return real({ kind: 'day', year: to.year, month: from.value.month, day: from.value.day }, text);
  }
  return from;
}
