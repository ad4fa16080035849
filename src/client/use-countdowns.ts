'use client';

import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { type Countdown, heldItems, holdsMarks, isRunning, secondsLeft } from '@/core/countdown';
import { makeId } from '@/core/ids';
import { api } from './api';
import { useBrowserSetting } from './browser-setting';
import { CountdownStore } from './countdown-store';
import { randomBytes } from './random-bytes';
import { stationId, stationName } from './station';

export type StartedCountdown = Pick<Countdown, 'kind' | 'film' | 'items' | 'seconds'>;

export interface Countdowns {
  readonly all: readonly Countdown[];
  /** By the server's clock. */
  readonly nowMs: () => number;
  /** Null when it runs; otherwise what happened. */
  readonly start: (countdown: StartedCountdown) => Promise<string | null>;
  readonly end: CountdownStore['end'];
  readonly follow: CountdownStore['follow'];
}

/** What is waited for at the press in a run, followed as long as the run is open. */
export function useCountdownStore(runId: string): Countdowns {
  const [store] = useState(
    () =>
      new CountdownStore({
        read: () => api.countdowns(runId),
        start: (countdown) => api.startCountdown(runId, countdown),
        end: (id, reason) => api.endCountdown(runId, id, { reason, station: stationId() }),
        nowMs: () => Date.now(),
      }),
  );
  const { countdowns: all } = useSyncExternalStore(store.subscribe, store.getSnapshot, store.getSnapshot);
  return useMemo(() => {
    const start = (countdown: StartedCountdown) => {
      const id = makeId<'countdown'>(randomBytes) + makeId<'countdown'>(randomBytes);
      return store.start({ ...countdown, id, by: { who: stationName(), station: stationId() } });
    };
    return { all, nowMs: store.nowMs, start, end: store.end, follow: store.follow };
  }, [store, all]);
}

const TICK_MS = 200;

/** The server's clock, drawn anew a few times a second while something is waited for; it stands still otherwise. */
export function useServerNow({ all, nowMs }: Countdowns, isTicking: (nowMs: number) => boolean): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const look = () => {
      setNow(nowMs());
      if (!isTicking(nowMs())) clearInterval(timer);
    };
    const timer = setInterval(look, TICK_MS);
    look();
    return () => clearInterval(timer);
    // Whatever was started or ended since may have to be counted.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- isTicking reads nothing but what it is given
  }, [all, nowMs]);
  return now;
}

/** Seconds that the first of these items is held for, and null as soon as none is. */
export function useHeldSeconds(countdowns: Countdowns, itemIds: readonly string[]): number | null {
  const { all } = countdowns;
  const now = useServerNow(countdowns, (at) => all.some((one) => holdsMarks(one) && isRunning(one, at)));
  const held = heldItems(all, now);
  const first = itemIds.map((id) => held.get(id)).find((one) => one !== undefined);
  return first ? secondsLeft(first, now) : null;
}

const SOUND = ['on', 'off'] as const;

/** Whether the end of a countdown is heard at this station. */
export function useCountdownSound(): readonly [boolean, (isOn: boolean) => void] {
  const [value, set] = useBrowserSetting('countdown-sound', SOUND, 'on');
  return [value === 'on', (isOn) => set(isOn ? 'on' : 'off')];
}
