import { type Countdown, type CountdownKind, endMs, isRunning } from './countdown';

/** A step of the work that has its time. */
export interface Clock {
  readonly kind: CountdownKind;
  readonly film: string;
  readonly seconds: number;
  /** Done only where the maker's sheet asks for it: never the next by itself. */
  readonly isOptional: boolean;
}

/** A place of an item, and the cutting that is put on there. */
export type InPress = Countdown['items'][number];

/**
 * The step whose countdown is to be started next for a place: the first after the last one that was started for this cutting.
 * Null when all have been started.
 */
export function nextClock(clocks: readonly Clock[], countdowns: readonly Countdown[], at: InPress): Clock | null {
  const isOfIt = (one: Countdown) => one.items.some((other) => isSame(other, at));
  const started = countdowns.filter(isOfIt);
  const last = clocks.findLastIndex((clock) =>
    started.some((one) => one.kind === clock.kind && one.film === clock.film),
  );
  return clocks.slice(last + 1).find(({ isOptional }) => !isOptional) ?? null;
}

function isSame(one: InPress, other: InPress): boolean {
  return one.itemId === other.itemId && one.placeId === other.placeId && one.attempt === other.attempt;
}

/** What ran out stays in sight for so long, so that nobody who looks up late wonders what rang. */
const IN_SIGHT_MS = 60_000;

/** What is stood by: those that run and those that have just run out, by their ends. What cures lies apart for days. */
export function inSight(countdowns: readonly Countdown[], nowMs: number): Countdown[] {
  return countdowns
    .filter((one) => one.kind !== 'cure' && one.endedEarly === null && endMs(one) + IN_SIGHT_MS > nowMs)
    .sort(byEnd);
}

/** What cures, by its end: nobody stands by it, so a line is enough for all of it. */
export function curing(countdowns: readonly Countdown[], nowMs: number): Countdown[] {
  return countdowns.filter((one) => one.kind === 'cure' && isRunning(one, nowMs)).sort(byEnd);
}

const byEnd = (a: Countdown, b: Countdown) => endMs(a) - endMs(b);
