'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { api, problemSentence } from '@/client';
import type { Blank } from '@/core/run';
import type { ShopBlankView } from '@/services';

/** `kept`: as the server has it. `elsewhere`: another page saved it since; nothing is overwritten. */
export type ShopSave =
  { readonly kind: 'kept' | 'keeping' | 'elsewhere' } | { readonly kind: 'failed'; readonly detail: string };

const PAUSE_MS = 350;

/** A blank of the shop under one's hands: every change is kept a moment later, one save after the other. */
export function useShopBlank(initial: ShopBlankView): {
  readonly blank: Blank;
  readonly save: ShopSave;
  readonly change: (change: (blank: Blank) => Blank) => void;
  readonly takeTheirs: () => Promise<void>;
  readonly retry: () => void;
} {
  const [blank, setBlank] = useState(initial.value);
  const [save, setSave] = useState<ShopSave>({ kind: 'kept' });
  const rev = useRef(initial.rev);
  const kept = useRef(initial.value);
  const isSending = useRef(false);
  const [numTries, setNumTries] = useState(0);

  useEffect(() => {
    if (blank === kept.current || isSending.current) return;
    const timer = setTimeout(async () => {
      isSending.current = true;
      setSave({ kind: 'keeping' });
      const answer = await api.saveBlank(initial.id, rev.current, blank);
      isSending.current = false;
      if (answer.ok) {
        rev.current = answer.value.rev;
        kept.current = blank;
        setSave({ kind: 'kept' });
        // What was changed meanwhile is sent by the next turn.
        setNumTries((n) => n + 1);
      } else if (answer.problem.kind === 'refused' && answer.problem.problem === 'changedElsewhere') {
        setSave({ kind: 'elsewhere' });
      } else {
        setSave({ kind: 'failed', detail: problemSentence(answer.problem) });
      }
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [blank, initial.id, numTries]);

  const change = useCallback((edit: (now: Blank) => Blank) => setBlank(edit), []);
  const takeTheirs = async () => {
    const theirs = await api.blank(initial.id);
    if (!theirs.ok) return setSave({ kind: 'failed', detail: problemSentence(theirs.problem) });
    rev.current = theirs.value.rev;
    kept.current = theirs.value.value;
    setBlank(theirs.value.value);
    setSave({ kind: 'kept' });
  };
  return { blank, save, change, takeTheirs, retry: () => setNumTries((n) => n + 1) };
}
