'use client';

import { useEffect, useRef } from 'react';
import { isTyping } from '@/ui';
import { BENCH_STAGES, nextStage } from './bench-stages';
import { JUMP_ID } from './name-jump';
import { extendTo, neighbour, pickAll, pickOne } from './selection';
import type { Bench } from './use-bench';

export interface KeyDeeds {
  readonly onSpoil: () => void;
  readonly onHelp: () => void;
  /** Letters and space mark; walking and looking up always work. */
  readonly hasLetters: boolean;
}

/** Keys of the bench. They rest while a field or a dialog has the keyboard. */
export function useBenchKeys(bench: Bench, deeds: KeyDeeds): void {
  const latest = useRef({ bench, deeds });
  useEffect(() => {
    latest.current = { bench, deeds };
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const { bench: now, deeds: wanted } = latest.current;
      if (walk(event, now) || look(event, wanted) || (wanted.hasLetters && work(event, now, wanted)))
        event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** A button that the space bar should press; the row of the item in hand is none, since it is picked already. */
function isOtherButton(target: EventTarget | null): boolean {
  return target instanceof HTMLButtonElement && target.getAttribute('aria-current') !== 'true';
}

/** True when the key meant something here; likewise below. */
function walk(event: KeyboardEvent, { ids, selection, setSelection }: Bench): boolean {
  const id = {
    ArrowDown: neighbour(ids, selection.currentId, 1),
    ArrowUp: neighbour(ids, selection.currentId, -1),
    Home: ids[0],
    End: ids.at(-1),
  }[event.key];
  if (id === undefined) return false;
  if (id !== null) setSelection(event.shiftKey ? extendTo(selection, ids, id) : pickOne(id));
  return true;
}

function look({ key }: KeyboardEvent, { onHelp }: KeyDeeds): boolean {
  if (key === '/') document.getElementById(JUMP_ID)?.focus();
  else if (key === '?') onHelp();
  else return false;
  return true;
}

function work(event: KeyboardEvent, bench: Bench, { onSpoil }: KeyDeeds): boolean {
  // Held keys walk, but never mark twice.
  if (event.repeat) return false;
  const key = event.key.toLowerCase();
  const stage = BENCH_STAGES.find((known) => known.key === key)?.stage;
  if (stage) void bench.mark(stage);
  else if (key === 'a') bench.setSelection(pickAll(bench.selection, bench.ids));
  else if (key === 'u') void (event.shiftKey ? bench.redo() : bench.undo());
  else if (key === 'x') onSpoil();
  else if (key === ' ' && !isOtherButton(event.target)) {
    const next = bench.current && nextStage(bench.current);
    if (next) void bench.mark(next);
  } else return false;
  return true;
}
