'use client';

import { useCallback, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

/** A setting of this browser, not of a run: kept here, shared by all its pages, `fallback` where nothing is kept. */
export function useBrowserSetting<T extends string>(
  name: string,
  choices: readonly T[],
  fallback: T,
): readonly [T, (value: T) => void] {
  const [kept, set] = useBrowserText(name);
  return [choices.find((choice) => choice === kept) ?? fallback, set];
}

/** Words that this browser keeps, such as the name of whoever works at it. */
export function useBrowserText(name: string): readonly [string, (value: string) => void] {
  const key = `knurl-${name}`;
  const read = useCallback((): string => localStorage.getItem(key) ?? '', [key]);
  const value = useSyncExternalStore(subscribe, read, () => '');
  const set = useCallback(
    (next: string) => {
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
