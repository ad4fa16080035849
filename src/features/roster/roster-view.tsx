'use client';

import { Input } from '@headlessui/react';
import type { RosterView } from '@/core/roster';
import { Choice, Select } from '@/ui';

interface RosterViewBarProps {
  readonly view: RosterView;
  readonly numNeedy: number;
  readonly numOut: number;
  readonly onChange: (view: RosterView) => void;
}

const ORDERS: readonly (readonly [RosterView['order'], string])[] = [
  ['list', 'as in the list'],
  ['text', 'by the alphabet'],
  ['longest', 'the longest first'],
];

/** What of the roster is looked at: by words, by what needs a look, in which order. */
export function RosterViewBar({ view, numNeedy, numOut, onChange }: RosterViewBarProps) {
  const only = [
    { id: 'all', label: 'all' },
    { id: 'needy', label: `${numNeedy} that ${numNeedy === 1 ? 'needs' : 'need'} you` },
    ...(numOut > 0 || view.only === 'withdrawn' ? [{ id: 'withdrawn', label: `${numOut} taken out` }] : []),
  ];
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      <label className="grid min-w-56 flex-1 gap-1">
        <span className="heading-small">Look for</span>
        <Input
          type="search"
          className="w-full"
          value={view.search}
          onChange={({ target }) => onChange({ ...view, search: target.value })}
        />
      </label>
      <Choice
        label="Show"
        options={only}
        value={view.only}
        onChange={(id) => onChange({ ...view, only: id as RosterView['only'] })}
      />
      <label className="grid gap-1">
        <span className="heading-small">Order</span>
        <Select options={ORDERS} value={view.order} onChange={(order) => onChange({ ...view, order })} />
      </label>
    </div>
  );
}
