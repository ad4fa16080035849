'use client';

import { useCallback, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

/** A setting of this browser, not of a run: kept here, shared by all its pages, `fallback` where nothing is kept. */
export function useBrowserSetting<T extends string>(
  name: string,
  choices: readonly T[],
  fallback: T,
): readonly [T, (value: T) => void] {
  const key = `knurl-${name}`;
  const read = useCallback((): T => {
    const kept = localStorage.getItem(key);
    return choices.find((choice) => choice === kept) ?? fallback;
  }, [key, choices, fallback]);
  const value = useSyncExternalStore(subscribe, read, () => fallback);
  const set = useCallback(
    (next: T) => {
      localStorage.setItem(key, next);
      for (const listener of listeners) listener();
    },
    [key],
  );
  return [value, set];
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}
