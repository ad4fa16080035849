'use client';

import type { KeyboardEvent } from 'react';
import { useHeldText } from '@/ui';

interface EditCellProps {
  readonly label: string;
  readonly value: string;
  /** Says what is wrong with a text, or null when it can be taken. */
  readonly problemOf?: (text: string) => string | null;
  readonly onChange: (text: string) => void;
  /** Which cell it is, for walking from row to row. */
  readonly row: number;
  readonly column: string;
  readonly className?: string;
}

/**
 * A cell that is edited where it stands: taken over when it is left or with Enter, which goes on to the row below; Escape
 * leaves it as it was. What was not typed into never writes back, and nothing is changed under the cursor.
 */
export function EditCell({ label, value, problemOf, onChange, row, column, className = '' }: EditCellProps) {
  const held = useHeldText(value);
  const problem = held.isTyped ? (problemOf?.(held.text) ?? null) : null;
  const take = () => {
    if (!held.isTyped || problem !== null) return;
    held.settle();
    onChange(held.text);
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    const step = { Enter: event.shiftKey ? -1 : 1, ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.key === 'Escape') held.leave();
    if (step === undefined || event.nativeEvent.isComposing) return;
    event.preventDefault();
    take();
    cellAt(event.currentTarget, row + step, column)?.focus();
  };
  return (
    <>
      <input
        aria-label={label}
        aria-invalid={problem !== null}
        className={`w-full border-transparent bg-transparent px-1.5 py-1 hover:border-rule-strong focus:border-rule-strong focus:bg-white ${className}`}
        value={held.text}
        spellCheck={false}
        data-row={row}
        data-column={column}
        onFocus={held.enter}
        onChange={(event) => held.type(event.target.value)}
        onBlur={() => {
          take();
          if (problem === null) held.leave();
        }}
        onKeyDown={onKey}
      />
      {problem && <span className="block px-1.5 text-sm text-madder">{problem}</span>}
    </>
  );
}

function cellAt(from: HTMLElement, row: number, column: string): HTMLInputElement | null {
  const cells = from.closest('[role="table"]')?.querySelectorAll<HTMLInputElement>(`input[data-row="${row}"]`);
  return [...(cells ?? [])].find((cell) => cell.dataset.column === column) ?? null;
}
