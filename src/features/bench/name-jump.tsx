'use client';

import { type KeyboardEvent, useState } from 'react';
import { itemsNamed } from './find-name';
import { JUMP_ID } from './focus';
import { pickOne } from './selection';
import type { Bench } from './use-bench';

/** Goes to an item by its name: the first that fits is taken at once, arrows walk the others, Enter goes back to work. */
export function NameJump({ bench }: { readonly bench: Bench }) {
  const [typed, setTyped] = useState('');
  const { all, ids, setFilter, setSelection, selection } = bench;
  const found = itemsNamed(all, typed);
  const at = found.findIndex(({ itemId }) => itemId === selection.currentId);
  const go = (index: number, among = found) => {
    const id = among[index]?.itemId;
    if (id === undefined) return;
    if (!ids.includes(id)) setFilter('all');
    setSelection(pickOne(id));
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined) go(Math.min(Math.max(at + step, 0), found.length - 1));
    else if (event.key === 'Enter' || event.key === 'Escape') {
      setTyped('');
      event.currentTarget.blur();
    } else return;
    event.preventDefault();
  };
  return (
    <div className="mb-2">
      <input
        id={JUMP_ID}
        type="search"
        aria-label="Go to a name"
        placeholder="Go to a name ( / )"
        className="min-h-touch w-full"
        value={typed}
        autoComplete="off"
        onChange={(event) => {
          setTyped(event.target.value);
          go(0, itemsNamed(all, event.target.value));
        }}
        onKeyDown={onKey}
      />
      {typed !== '' && (
        <output className="text-sm">
          {found.length === 0 ? 'No name like that' : `${Math.max(at, 0) + 1} of ${found.length}`}
        </output>
      )}
    </div>
  );
}
