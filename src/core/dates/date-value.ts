/** A date as far as somebody said it. Months count from 1. */
export type SingleDate =
  | { readonly kind: 'year'; readonly year: number }
  | { readonly kind: 'month'; readonly year: number; readonly month: number }
  | { readonly kind: 'day'; readonly year: number; readonly month: number; readonly day: number }
  /** A day without its year, such as a birthday. */
  | { readonly kind: 'dayMonth'; readonly month: number; readonly day: number };

export type DateValue = SingleDate | { readonly kind: 'range'; readonly from: SingleDate; readonly to: SingleDate };

/** Years that occur on items; outside them a number is something else. */
export const FIRST_YEAR = 1000;
export const LAST_YEAR = 2999;

const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** By the calendar that everyone uses, also for years before it was. Without a year February has 29. */
export function daysInMonth(month: number, year: number | null): number {
  const isLeap = year === null || (year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0));
  return month === 2 && isLeap ? 29 : (DAYS[month - 1] ?? 0);
}

export function isRealDate(date: SingleDate): boolean {
  const isYear = date.kind === 'dayMonth' || (date.year >= FIRST_YEAR && date.year <= LAST_YEAR);
  const isMonth = date.kind === 'year' || (date.month >= 1 && date.month <= 12);
  if (!isYear || !isMonth) return false;
  if (date.kind === 'year' || date.kind === 'month') return true;
  return date.day >= 1 && date.day <= daysInMonth(date.month, date.kind === 'day' ? date.year : null);
}

/** Whether one date lies before another, as far as both say: `1976` is not before `May 1976`. */
export function isBefore(a: SingleDate, b: SingleDate): boolean {
  const [partsA, partsB] = [partsOf(a), partsOf(b)];
  for (const [i, part] of partsA.entries()) {
    const other = partsB[i] ?? null;
    if (part === null || other === null) {
      if (i === 0) continue;
      return false;
    }
    if (part !== other) return part < other;
  }
  return false;
}

function partsOf(date: SingleDate): readonly (number | null)[] {
  switch (date.kind) {
    case 'year':
      return [date.year, null, null];
    case 'month':
      return [date.year, date.month, null];
    case 'day':
      return [date.year, date.month, date.day];
    case 'dayMonth':
      return [null, date.month, date.day];
  }
}
