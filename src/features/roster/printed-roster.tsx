'use client';

import { useMemo } from 'react';
import { columnsBesideText } from '@/core/roster';
import type { Entry } from '@/core/spec';
import { useRun } from '@/client';
import { PrintHead, PrintTable } from '@/parts/print';

/** The roster on paper: who is shown, in the order that was chosen, with every column. */
export function PrintedRoster({ entries }: { readonly entries: readonly Entry[] }) {
  const { spec } = useRun();
  const numbers = useMemo(() => new Map(spec.entries.map(({ id }, i) => [id, i + 1])), [spec.entries]);
  const names = useMemo(() => columnsBesideText(spec.entries), [spec.entries]);
  return (
    <div className="p-5">
      <PrintHead what={`Roster, ${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}`} />
      <PrintTable
        label="Roster on paper"
        rows={entries}
        idOf={({ id }) => id}
        columns={[
          { head: 'No', isFigure: true, cell: ({ id }) => numbers.get(id) },
          { head: 'Name', cell: ({ fields, withdrawn }) => `${fields.text ?? ''}${withdrawn ? ' (taken out)' : ''}` },
          { head: 'Pieces', isFigure: true, cell: ({ quantity }) => quantity },
          ...names.map((name) => ({ head: name, cell: ({ fields }: Entry) => fields[name] ?? '' })),
        ]}
      />
    </div>
  );
}
