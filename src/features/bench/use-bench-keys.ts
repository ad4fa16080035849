'use client';

import { useEffect, useRef } from 'react';
import type { Bench } from './use-bench';
import { BENCH_STAGES, nextStage } from './bench-stages';
import { extendTo, neighbour, pickAll, pickOne } from './selection';

/** Keys of the bench. They rest while a field or a dialog has the keyboard. */
export function useBenchKeys(bench: Bench, onSpoil: () => void): void {
  const latest = useRef({ bench, onSpoil });
  useEffect(() => {
    latest.current = { bench, onSpoil };
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (handle(event, latest.current.bench, latest.current.onSpoil)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, select, [role="dialog"]') !== null;
}

/** A button that the space bar should press; the row of the item in hand is none, since it is picked already. */
function isOtherButton(target: EventTarget | null): boolean {
  return target instanceof HTMLButtonElement && target.getAttribute('aria-current') !== 'true';
}

/** True when the key meant something here. */
function handle(event: KeyboardEvent, bench: Bench, onSpoil: () => void): boolean {
  const { ids, selection, setSelection, current } = bench;
  const key = event.key.toLowerCase();
  if (key === 'arrowdown' || key === 'arrowup') {
    const id = neighbour(ids, selection.currentId, key === 'arrowdown' ? 1 : -1);
    if (id !== null) setSelection(event.shiftKey ? extendTo(selection, ids, id) : pickOne(id));
    return true;
  }
  if (key === 'home' || key === 'end') {
    const id = key === 'home' ? ids[0] : ids.at(-1);
    if (id !== undefined) setSelection(event.shiftKey ? extendTo(selection, ids, id) : pickOne(id));
    return true;
  }
  // Held keys walk, but never mark twice.
  if (event.repeat) return false;
  const stage = BENCH_STAGES.find((known) => known.key === key)?.stage;
  if (stage) void bench.mark(stage);
  else if (key === 'a') setSelection(pickAll(selection, ids));
  else if (key === 'u') void (event.shiftKey ? bench.redo() : bench.undo());
  else if (key === 'x') onSpoil();
  else if (key === ' ' && !isOtherButton(event.target)) {
    const next = current && nextStage(current);
    if (next) void bench.mark(next);
  } else return false;
  return true;
}
