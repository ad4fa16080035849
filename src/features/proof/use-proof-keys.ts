import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { ProofRow } from '@/core/wording';
import { isTyping } from '@/ui';

/** Arrows walk the texts, space ticks the one in hand and goes on to the next. */
export function useProofKeys(rows: readonly ProofRow[], across: number, toggle: (row: ProofRow) => boolean) {
  const [wantedAt, setAt] = useState(0);
  const at = Math.min(wantedAt, Math.max(0, rows.length - 1));
  const latest = useRef({ rows, toggle, at });
  // With what is on the screen: a key pressed right after it must not answer what stood there before.
  useLayoutEffect(() => {
    latest.current = { rows, toggle, at };
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const now = latest.current;
      const row = now.rows[now.at];
      const last = now.rows.length - 1;
      const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: across, ArrowUp: -across }[event.key];
      if (by !== undefined) setAt(Math.max(0, Math.min(last, now.at + by)));
      else if (event.key === ' ' && row && !(event.target instanceof HTMLButtonElement)) {
        const isDone = now.toggle(row);
        if (isDone && row.state.kind !== 'ticked') setAt(Math.min(last, now.at + 1));
      } else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [across]);
  return { at, setAt };
}
