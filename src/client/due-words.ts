import { addDays, differenceInCalendarDays, format, isSameWeek, parseISO } from 'date-fns';
import type { FirstDay } from './use-station';

const WEEK_STARTS = { sunday: 0, monday: 1, saturday: 6 } as const;

/** `due Friday 12 June, in 9 days, next week`. `todayIso` is the day it is read on, `firstDay` the one that a week begins with. */
export function dueWords(dueOn: string | null, todayIso: string, firstDay: FirstDay = 'monday'): string {
  if (dueOn === null) return 'no day set';
  const due = parseISO(dueOn);
  const days = differenceInCalendarDays(due, parseISO(todayIso));
  const day = format(due, 'EEEE d MMMM');
  if (days === 0) return `due today, ${day}`;
  if (days === 1) return `due tomorrow, ${day}`;
  if (days > 1) return `due ${day}, in ${days} days${weekWords(due, parseISO(todayIso), firstDay)}`;
  return `was due ${day}, ${-days} ${days === -1 ? 'day' : 'days'} ago`;
}

function weekWords(due: Date, today: Date, firstDay: FirstDay): string {
  const week = { weekStartsOn: WEEK_STARTS[firstDay] } as const;
  if (isSameWeek(due, today, week)) return ', this week';
  return isSameWeek(due, addDays(today, 7), week) ? ', next week' : '';
}
