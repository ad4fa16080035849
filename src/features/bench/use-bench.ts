'use client';

import { useCallback, useMemo, useState } from 'react';
import { useRun } from '@/client';
import type { Deed } from '@/core/ledger';
import type { BenchItem, BenchView } from '@/services';
import { type BenchStage, deedsToReach, nextStage } from './bench-stages';
import { NOTHING, type Selection, pickOne } from './selection';
import { madeSentence } from './sentences';

export interface Bench {
  readonly items: readonly BenchItem[];
  readonly ids: readonly string[];
  readonly selection: Selection;
  readonly setSelection: (next: Selection) => void;
  readonly current: BenchItem | null;
  readonly picked: readonly BenchItem[];
  /** What the last deed led to, or why it was refused. */
  readonly message: { readonly isProblem: boolean; readonly text: string } | null;
  readonly mark: (stage: BenchStage) => Promise<void>;
  readonly spoil: (reason: string, note: string, blankLost: boolean) => Promise<void>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
}

/** Selection and deeds of the bench. It opens at the item to go on with. */
export function useBench(): Bench {
  const { work, setNumPasses } = useRun();
  const { bench, act } = work;
  const { items } = bench;
  const [chosen, setSelection] = useState<Selection>(NOTHING);
  const [message, setMessage] = useState<Bench['message']>(null);
  const ids = useMemo(() => items.map(({ itemId }) => itemId), [items]);
  const isGone = chosen.currentId === null || !ids.includes(chosen.currentId);
  const first = firstToWorkOn(items)?.itemId;
  const selection = isGone && first !== undefined ? pickOne(first) : chosen;
  const current = items.find(({ itemId }) => itemId === selection.currentId) ?? null;
  const picked = items.filter(({ itemId }) => selection.pickedIds.has(itemId));

  const record = useCallback(
    async (deedsOf: (now: BenchView) => readonly Deed[]) => {
      const done = await act(deedsOf);
      if (done === null) return;
      if (!done.ok) return setMessage({ isProblem: true, text: done.detail });
      const { madePasses } = done.answer;
      if (madePasses.length > 0) setNumPasses((count) => count + madePasses.length);
      setMessage(madePasses.length > 0 ? { isProblem: false, text: madeSentence(madePasses) } : null);
    },
    [act, setNumPasses],
  );
  const pickedOf = (now: BenchView) => now.items.filter(({ itemId }) => selection.pickedIds.has(itemId));

  return {
    items,
    ids,
    selection,
    setSelection,
    current,
    picked,
    message,
    mark: (stage) => {
      // What a bare first look selected stays selected after the mark, so that the next key goes to the same item.
      setSelection(selection);
      return record((now) => deedsToReach(pickedOf(now), stage));
    },
    spoil: (reason, note, blankLost) => {
      setSelection(selection);
      return record((now) => {
        const pieces = pickedOf(now).flatMap((item) =>
          item.pieces.map(({ pieceId, attempt }) => ({ pieceId, attempt })),
        );
        return [{ kind: 'spoiled', pieces, blankLost, reason, note }];
      });
    },
    undo: () => record(({ undo }) => (undo === null ? [] : [{ kind: 'undone', actId: undo }])),
    redo: () => record(({ redo }) => (redo === null ? [] : [{ kind: 'undone', actId: redo }])),
  };
}

/** The first item that lies in a made pass and wants work; else the first that wants any; else the first. */
function firstToWorkOn(items: readonly BenchItem[]): BenchItem | undefined {
  const open = items.filter((item) => nextStage(item) !== null);
  const isCut = ({ pieces }: BenchItem) => pieces.every(({ passNo }) => passNo !== null);
  return open.find(isCut) ?? open[0] ?? items[0];
}
