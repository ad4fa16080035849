'use client';

import { useMemo, useState } from 'react';
import type { ScreenFit } from '@/workers/fit-protocol';
import { useKeys } from '@/ui';
import { fitKey } from './fit-key';

export interface WallSelection {
  /** The fit that is decided on; null leaves it to the page which comes first. */
  readonly focusKey: string | null;
  readonly chosen: ReadonlySet<string>;
  readonly focus: (key: string | null) => void;
  readonly toggle: (key: string, isRange: boolean) => void;
  readonly choose: (keys: readonly string[]) => void;
}

const NOBODY: ReadonlySet<string> = new Set();

/** Which fit is decided on, and which are chosen to be changed together; arrows walk along the wall as it is ordered. */
export function useWallSelection(shown: readonly ScreenFit[]): WallSelection {
  const [focusKey, setFocusKey] = useState<string | null>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(NOBODY);
  const [lastKey, setLastKey] = useState<string | null>(null);
  const keys = useMemo(() => shown.map(fitKey), [shown]);

  useKeys(
    useMemo(() => {
      const walk =
        (by: number) =>
        ({ target }: KeyboardEvent) => {
          // A choice among a few and what folds out have arrow keys of their own.
          if (target instanceof HTMLElement && target.closest('[role="radiogroup"], summary')) return false;
          setFocusKey((now) => {
            const at = now === null ? (by > 0 ? -1 : keys.length) : keys.indexOf(now);
            return keys[Math.min(keys.length - 1, Math.max(0, at + by))] ?? null;
          });
          return undefined;
        };
      const bindings = [
        { keys: ['right'], shown: '→', does: 'the next fit', run: walk(1), mayRepeat: true },
        { keys: ['left'], shown: '←', does: 'the fit before', run: walk(-1), mayRepeat: true },
      ];
      return [{ title: 'The wall', bindings }];
    }, [keys]),
  );

  return useMemo(() => {
    const toggle = (key: string, isRange: boolean) => {
      setLastKey(key);
      setChosen((now) => {
        const next = new Set(now);
        const from = isRange && lastKey !== null ? keys.indexOf(lastKey) : -1;
        const to = keys.indexOf(key);
        if (from >= 0 && to >= 0) {
          for (const one of keys.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(one);
        } else if (!next.delete(key)) {
          next.add(key);
        }
        return next;
      });
    };
    const choose = (some: readonly string[]) => setChosen(some.length === 0 ? NOBODY : new Set(some));
    return { focusKey, chosen, focus: setFocusKey, toggle, choose };
  }, [focusKey, chosen, keys, lastKey]);
}
