'use client';

import { useMemo, useState } from 'react';
import { useCountdowns, useHeater, useRun } from '@/client';
import type { Clock } from '@/core/countdown';
import { type ClockAt, type PressedAt, inPressOf, nextClockOf, pressesOf } from './press-clocks';
import type { Bench } from './use-bench';

export interface Clocks {
  readonly places: readonly PressedAt[];
  /** What is started by one key; null when everything of the item in hand has been started. */
  readonly next: ClockAt | null;
  readonly start: (clock: Clock, placeId: string) => Promise<void>;
  readonly startNext: () => Promise<void>;
  /** Why the last one was not started. */
  readonly message: string | null;
}

const NOTHING_LEFT = 'Everything of this item has been counted down once. Start a step again from its card.';

/** The countdowns of what is in hand: all that are picked lie in the press together. */
export function useClocks({ current, picked }: Pick<Bench, 'current' | 'picked'>): Clocks {
  const { spec } = useRun();
  const [heater] = useHeater();
  const { all, start: startOne } = useCountdowns();
  const [message, setMessage] = useState<string | null>(null);
  const places = useMemo(() => (current ? pressesOf(spec, current, heater) : []), [spec, current, heater]);
  const next = current ? nextClockOf(places, current, all) : null;
  const start = async ({ kind, film, seconds }: Clock, placeId: string) =>
    setMessage(await startOne({ kind, film, seconds, items: inPressOf(picked, placeId) }));
  const startNext = async () => {
    if (next) await start(next.clock, next.placeId);
    else setMessage(NOTHING_LEFT);
  };
  return { places, next, start, startNext, message };
}
