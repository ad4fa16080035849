import type { Countdown, CountdownKind } from '@/core/countdown';

const RUNNING: Record<CountdownKind, string> = {
  dryOut: 'dries out',
  press: 'in the press',
  cool: 'cools before it is peeled',
  backSide: 'pressed from the back',
  again: 'pressed again',
  cure: 'cures: keep it dry and unwashed',
};

const OVER: Record<CountdownKind, string> = {
  dryOut: 'dry: lay it down',
  press: 'time is up: open the press',
  cool: 'cool: peel it, low and slow',
  backSide: 'time is up: open the press',
  again: 'time is up: look whether it holds',
  cure: 'cured',
};

/** What is done with it now, and what is to be done when it has run out. */
export function countdownWords({ kind }: Pick<Countdown, 'kind'>, secondsToGo: number): string {
  return secondsToGo > 0 ? RUNNING[kind] : OVER[kind];
}

/** `Rook Ellery`, `Rook Ellery and 2 more`. */
export function countdownName({ items }: Pick<Countdown, 'items'>, nameOf: (itemId: string) => string): string {
  const first = nameOf(items[0]?.itemId ?? '');
  return items.length > 1 ? `${first} and ${items.length - 1} more` : first;
}

/** `9 s`, `1:05`, `47 h 12 min`: as coarse as one looks at it. */
export function countdownFigure(seconds: number): string {
  if (seconds < 60) return `${seconds} s`;
  if (seconds < 3600) return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return `${Math.floor(seconds / 3600)} h ${Math.floor((seconds % 3600) / 60)} min`;
}
