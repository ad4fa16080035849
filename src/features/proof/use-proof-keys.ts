import { useMemo, useState } from 'react';
import type { ProofRow } from '@/core/wording';
import { type KeyGroup, isPressable, useKeys } from '@/ui';

/** Arrows walk the texts, space ticks the one in hand and goes on to the next. */
export function useProofKeys(rows: readonly ProofRow[], across: number, toggle: (row: ProofRow) => boolean) {
  const [wantedAt, setAt] = useState(0);
  const at = Math.min(wantedAt, Math.max(0, rows.length - 1));
  const last = rows.length - 1;
  const groups = useMemo((): readonly KeyGroup[] => {
    const walk = (by: number) => () => setAt(Math.max(0, Math.min(last, at + by)));
    const tick = ({ target }: KeyboardEvent) => {
      const row = rows[at];
      if (!row || isPressable(target)) return false;
      const isDone = toggle(row);
      if (isDone && row.state.kind !== 'ticked') setAt(Math.min(last, at + 1));
      return undefined;
    };
    const step = { mayRepeat: true };
    return [
      {
        title: 'Proof',
        bindings: [
          { keys: ['space'], does: 'tick the text in hand, and on to the next', run: tick },
          { keys: ['right'], shown: '→', does: 'the next text', run: walk(1), ...step },
          { keys: ['left'], shown: '←', does: 'the one before', run: walk(-1), ...step },
          { keys: ['down'], shown: '↓', does: 'the one below', run: walk(across), ...step },
          { keys: ['up'], shown: '↑', does: 'the one above', run: walk(-across), ...step },
        ],
      },
    ];
  }, [rows, at, last, across, toggle]);
  useKeys(groups);
  return { at, setAt };
}
