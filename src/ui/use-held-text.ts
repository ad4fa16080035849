'use client';

import { useState } from 'react';

export interface HeldText {
  /** What the field shows: held as it is while the cursor stands in it. */
  readonly text: string;
  /** Something was typed that was not taken over yet. */
  readonly isTyped: boolean;
  readonly enter: () => void;
  readonly type: (text: string) => void;
  /** What was typed is taken over; it stays in the field. */
  readonly settle: () => void;
  /** The field shows what it is for again. */
  readonly leave: () => void;
}

/** Text of a field that is not changed under the cursor, whatever its value becomes meanwhile; only typing counts as typed. */
export function useHeldText(value: string): HeldText {
  const [held, setHeld] = useState<{ readonly from: string; readonly text: string } | null>(null);
  return {
    text: held?.text ?? value,
    isTyped: held !== null && held.text !== held.from,
    enter: () => setHeld((now) => now ?? { from: value, text: value }),
    type: (text) => setHeld((now) => ({ from: now?.from ?? value, text })),
    settle: () => setHeld((now) => now && { from: now.text, text: now.text }),
    leave: () => setHeld(null),
  };
}
