'use client';

import { useRef, useState } from 'react';
import type { PartAt } from '@/core/edit';
import type { Wording } from '@/core/spec';
import type { LineEditor } from './line-editor';

export interface Cursor {
  /** The field of a part, or that it is gone. */
  readonly hold: (at: PartAt, editor: LineEditor | null) => void;
  readonly enter: (at: PartAt) => void;
  /** Puts a chip where the cursor is, in the part that it was in last, in place of what is selected there. */
  readonly insert: (wording: Wording, token: string) => void;
  /** Once a line has moved, the cursor goes with it. */
  readonly follow: (at: PartAt) => void;
}

const keyOf = ({ line, part }: PartAt) => `${line} ${part}`;

/** Where the cursor is, or was last, among the parts of the lines of a place. */
export function useCursor(): Cursor {
  const [at, setAt] = useState<PartAt>({ line: 0, part: 0 });
  const editors = useRef(new Map<string, LineEditor>());
  return {
    hold: (one, editor) => {
      if (editor) editors.current.set(keyOf(one), editor);
      else editors.current.delete(keyOf(one));
    },
    enter: setAt,
    insert: ({ lines }, token) => {
      const line = Math.min(at.line, lines.length - 1);
      const part = Math.min(at.part, lines[line]!.runs.length - 1);
      editors.current.get(keyOf({ line, part }))?.insert(token);
    },
    follow: (to) => {
      setAt(to);
      requestAnimationFrame(() => editors.current.get(keyOf(to))?.focus());
    },
  };
}
