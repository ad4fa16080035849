'use client';

import { useEffect, useLayoutEffect, useMemo, useRef, useSyncExternalStore } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { isTyping } from './is-typing';

/** A key of a page: what it is called, what it does in words, and the deed. */
export interface KeyBinding {
  /** Names such as `c`, `shift+u`, `space`, `up`; a letter or sign is what the key produces on this keyboard. */
  readonly keys: readonly string[];
  /** As it is shown; the first of `keys` when left out. */
  readonly shown?: string;
  readonly does: string;
  /** Answers false when it meant nothing here, so that the browser goes on with the key. */
  readonly run: (event: KeyboardEvent) => void | false;
  /** A held key does it again and again. */
  readonly mayRepeat?: boolean;
  /** Also while a field or a dialog has the keyboard; `run` looks at where it is. */
  readonly isEverywhere?: boolean;
}

/** Keys that belong together, under a title. What is bound is what the help shows. */
export interface KeyGroup {
  readonly title: string;
  readonly bindings: readonly KeyBinding[];
}

/** These are known by where they are on the keyboard; everything else by what it produces. */
const BY_PLACE: ReadonlySet<string> = new Set([
  'space',
  'enter',
  'escape',
  'home',
  'end',
  'up',
  'down',
  'left',
  'right',
]);

/** Binds keys as long as the component stands. They rest while a field or a dialog has the keyboard, and with Ctrl, Alt or Meta. */
export function useKeys(groups: readonly KeyGroup[]): void {
  const latest = useRef(groups);
  // With what is on the screen: a key pressed right after it must not answer what stood there before.
  useLayoutEffect(() => {
    latest.current = groups;
  });
  const names = useMemo(() => groups.flatMap(({ bindings }) => bindings.flatMap(({ keys }) => keys)), [groups]);
  const press = (event: KeyboardEvent, { hotkey }: { readonly hotkey: string }) => {
    const binding = latest.current
      .flatMap(({ bindings }) => bindings)
      .find(({ keys }) => keys.some((name) => name.toLowerCase() === hotkey));
    if (!binding || (event.repeat && !binding.mayRepeat)) return;
    if (!binding.isEverywhere && isTyping(event.target)) return;
    if (binding.run(event) !== false) event.preventDefault();
  };
  const byPlace = names.filter((name) => BY_PLACE.has(lastPart(name)));
  const byMeaning = names.filter((name) => !BY_PLACE.has(lastPart(name)));
  useHotkeys(byPlace, press, { enableOnFormTags: true, enabled: byPlace.length > 0 });
  useHotkeys(byMeaning, press, { enableOnFormTags: true, useKey: true, enabled: byMeaning.length > 0 });
  useBound(groups);
}

function lastPart(name: string): string {
  return name.split('+').at(-1)!.toLowerCase();
}

/** What is bound now, by whatever stands on the page; in the order in which it came. */
const bound = new Map<object, readonly KeyGroup[]>();
let told: readonly KeyGroup[] = [];
const listeners = new Set<() => void>();

function tell(): void {
  told = [...bound.values()].flat();
  for (const listener of listeners) listener();
}

function useBound(groups: readonly KeyGroup[]): void {
  const owner = useRef({});
  const word = JSON.stringify(
    groups.map(({ title, bindings }) => [title, bindings.map(({ keys, shown, does }) => [keys, shown, does])]),
  );
  const latest = useRef(groups);
  useLayoutEffect(() => {
    latest.current = groups;
  });
  useEffect(() => {
    const key = owner.current;
    bound.set(key, latest.current);
    tell();
    return () => {
      bound.delete(key);
      tell();
    };
    // Told again only when the help would read otherwise.
  }, [word]);
}

const NOTHING: readonly KeyGroup[] = [];

/** Every key that means something on this page, for the help. */
export function useBoundKeys(): readonly KeyGroup[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => told,
    () => NOTHING,
  );
}

/** How a binding is shown: `shift u`, `↑ ↓`. */
export function shownKeys({ keys, shown }: Pick<KeyBinding, 'keys' | 'shown'>): string {
  return shown ?? (keys[0] ?? '').replace(/\+/g, ' ');
}
