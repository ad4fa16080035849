'use client';

import { useRef, useState } from 'react';
import { type PartAt, changePartWords } from '@/core/edit';
import type { Wording } from '@/core/spec';

export interface Cursor {
  /** The field of a part, or that it is gone. */
  readonly hold: (at: PartAt, field: HTMLInputElement | null) => void;
  readonly enter: (at: PartAt) => void;
  /** Puts words where the cursor is, in the part that it was in last, and leaves it behind them. */
  readonly insert: (wording: Wording, words: string, onChange: (wording: Wording) => void) => void;
}

const keyOf = ({ line, part }: PartAt) => `${line} ${part}`;

/** Where the cursor is, or was last, among the parts of the lines of a place. */
export function useCursor(): Cursor {
  const [at, setAt] = useState<PartAt>({ line: 0, part: 0 });
  const fields = useRef(new Map<string, HTMLInputElement>());
  return {
    hold: (one, field) => {
      if (field) fields.current.set(keyOf(one), field);
      else fields.current.delete(keyOf(one));
    },
    enter: setAt,
    insert: (wording, words, onChange) => {
      const line = Math.min(at.line, wording.lines.length - 1);
      const { runs } = wording.lines[line]!;
      const part = Math.min(at.part, runs.length - 1);
      const { template } = runs[part]!;
      const field = fields.current.get(keyOf({ line, part }));
      const start = field?.selectionStart ?? template.length;
      const end = field?.selectionEnd ?? template.length;
      // Left for a moment: a field that holds the cursor is not changed under it, also not by a button beside it.
      field?.blur();
      onChange(changePartWords(wording, { line, part }, template.slice(0, start) + words + template.slice(end)));
      requestAnimationFrame(() => {
        field?.focus();
        field?.setSelectionRange(start + words.length, start + words.length);
      });
    },
  };
}
