'use client';

import { useMemo, useState } from 'react';
import { entriesWith, isUnmade, useRun, useWork } from '@/client';
import { changeLayout } from '@/core/edit';
import { Button, Tick } from '@/ui';

/** Ticks that are drawn at once; a longer list is searched. */
const MOST_SHOWN = 240;

/** Which entries the passes that are not made yet are laid out with; the others wait until they are ticked again. */
export function ChooseEntries() {
  const { spec, change } = useRun();
  const { items } = useWork().bench;
  const [sought, setSought] = useState('');
  const { heldBack } = spec.layout;
  const held = useMemo(() => new Set<string>(heldBack), [heldBack]);
  const open = useMemo(() => {
    const ids = entriesWith(items, isUnmade);
    return spec.entries.filter(({ id, withdrawn }) => !withdrawn && (ids.has(id) || held.has(id)));
  }, [items, spec.entries, held]);
  if (open.length === 0) return null;
  const found = open.filter(({ fields }) => (fields.text ?? '').toLowerCase().includes(sought.trim().toLowerCase()));
  const numIn = open.filter(({ id }) => !held.has(id)).length;
  const hold = (ids: readonly (typeof open)[number]['id'][]) => change((now) => changeLayout(now, { heldBack: ids }));
  const foundIds = new Set<string>(found.map(({ id }) => id));
  return (
    <details className="mb-3 border border-rule bg-paper">
      <summary className="px-4 py-2">
        <b>Who is cut next:</b>{' '}
        {numIn === open.length ? `all ${open.length} open entries` : `${numIn} of ${open.length} open entries`}
      </summary>
      <div className="border-t border-rule px-4 py-3">
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <input
            type="search"
            aria-label="Look for a name"
            placeholder="Look for a name"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
          <Button onClick={() => hold(heldBack.filter((id) => !foundIds.has(id)))}>
            {sought ? `All ${found.length} found` : 'All'}
          </Button>
          <Button onClick={() => hold([...heldBack.filter((id) => !foundIds.has(id)), ...found.map(({ id }) => id)])}>
            {sought ? 'None of those found' : 'None'}
          </Button>
        </div>
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(190px,1fr))] gap-x-4 gap-y-1">
          {found.slice(0, MOST_SHOWN).map(({ id, fields }) => (
            <li key={id}>
              <Tick
                checked={!held.has(id)}
                onChange={(isIn) => hold(isIn ? heldBack.filter((other) => other !== id) : [...heldBack, id])}
              >
                {fields.text || 'empty entry'}
              </Tick>
            </li>
          ))}
        </ul>
        {found.length > MOST_SHOWN && (
          <p className="mt-2 text-soft">and {found.length - MOST_SHOWN} more: look for their names</p>
        )}
      </div>
    </details>
  );
}
