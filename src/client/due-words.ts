import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** `due Friday 12 June, in 17 days`. `todayIso` is the day it is read on. */
export function dueWords(dueOn: string | null, todayIso: string): string {
  if (dueOn === null) return 'no day set';
  const due = parseISO(dueOn);
  const days = differenceInCalendarDays(due, parseISO(todayIso));
  const day = format(due, 'EEEE d MMMM');
  if (days === 0) return `due today, ${day}`;
  if (days === 1) return `due tomorrow, ${day}`;
  if (days > 1) return `due ${day}, in ${days} days`;
  return `was due ${day}, ${-days} ${days === -1 ? 'day' : 'days'} ago`;
}
