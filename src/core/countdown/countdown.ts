import { parseISO } from 'date-fns';
import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { ITEM_ID_PATTERN } from '../spec';

/** What is waited for. The words of the bench are its own. */
export const COUNTDOWN_KINDS = ['dryOut', 'press', 'cool', 'backSide', 'again', 'cure'] as const;
export type CountdownKind = (typeof COUNTDOWN_KINDS)[number];

/** Three days: longer is no countdown any more. */
const MOST_SECONDS = 3 * 24 * 3600;

const MOST_ITEMS = 1000;

/** What a station sends: the id is made there, so that sending twice is harmless. */
export const newCountdownSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{8,64}$/),
  kind: z.enum(COUNTDOWN_KINDS),
  /** Which film of a place it is for, where a place has several; may be empty. */
  film: z.string().max(200),
  /** What lies in the press, each with the cutting that is pressed: a piece cut anew begins anew. */
  items: z
    .array(
      z.object({
        itemId: z.string().regex(ITEM_ID_PATTERN),
        placeId: z.string().regex(/^[a-z][a-z0-9]{9}$/),
        attempt: z.number().int().min(1).max(1000),
      }),
    )
    .min(1)
    .max(MOST_ITEMS),
  seconds: z.number().int().min(1).max(MOST_SECONDS),
  by: z.object({ who: z.string().max(120), station: z.string().min(1).max(64) }),
});

export const endingSchema = z.object({
  reason: z.string().trim().min(1).max(200),
  station: z.string().min(1).max(64),
});

/** As it is kept. `startedAt` is by the server's clock, which alone counts. */
export const countdownSchema = newCountdownSchema.extend({
  startedAt: z.iso.datetime({ offset: true }),
  /** Null: it runs, or has run to its end. */
  endedEarly: endingSchema.extend({ at: z.iso.datetime({ offset: true }) }).nullable(),
});

export type NewCountdown = DeepReadonly<z.infer<typeof newCountdownSchema>>;
export type Ending = DeepReadonly<z.infer<typeof endingSchema>>;
export type Countdown = DeepReadonly<z.infer<typeof countdownSchema>>;

/** Milliseconds since 1970, by the clock that started it. */
export function endMs({ startedAt, seconds }: Countdown): number {
  return parseISO(startedAt).getTime() + seconds * 1000;
}

/** Whole seconds, rounded up so that none is left only when it is over; 0 when it has run out or was ended. */
export function secondsLeft(countdown: Countdown, nowMs: number): number {
  if (countdown.endedEarly) return 0;
  // A clock that was set back must not make anybody wait longer than was asked for.
  return Math.min(countdown.seconds, Math.max(0, Math.ceil((endMs(countdown) - nowMs) / 1000)));
}

export function isRunning(countdown: Countdown, nowMs: number): boolean {
  return secondsLeft(countdown, nowMs) > 0;
}

/** What is under the press, dries or cools is not pressed yet. What cures is: it is only to be kept dry. */
export function holdsMarks({ kind }: Pick<Countdown, 'kind'>): boolean {
  return kind !== 'cure';
}

/** Items that a running countdown keeps from being marked as pressed, or as anything after it, with the first that does. */
export function heldItems(countdowns: readonly Countdown[], nowMs: number): ReadonlyMap<string, Countdown> {
  const held = new Map<string, Countdown>();
  for (const one of countdowns) {
    if (!holdsMarks(one) || !isRunning(one, nowMs)) continue;
    for (const { itemId } of one.items) if (!held.has(itemId)) held.set(itemId, one);
  }
  return held;
}
