'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { toggleTaker } from '@/core/edit';
import { type Entry, type RunSpec, findBlank, getsBlank } from '@/core/spec';
import { Fold, type TableColumn, TickBox, VirtualTable } from '@/ui';

interface WhoTableProps {
  /** A changed rule of one use. */
  readonly onChange: (rule: (now: RunSpec) => RunSpec, useId: string) => void;
}

/** People × blanks, filled by the rules; a tick by hand makes a blank one for people who are chosen. */
export function WhoTable({ onChange }: WhoTableProps) {
  const { spec } = useRun();
  const rows = useMemo(() => spec.entries.filter(({ withdrawn }) => !withdrawn), [spec.entries]);
  const columns = useMemo(
    (): readonly TableColumn<Entry>[] => [
      {
        id: 'entry',
        head: 'Entry',
        width: 'minmax(180px,1fr)',
        leastPx: 180,
        className: 'px-2 py-1',
        cell: ({ fields }) => fields.text || '(empty)',
      },
      ...spec.uses.map((use) => {
        const { name } = findBlank(spec, use.blankId);
        return {
          id: use.id,
          head: name,
          width: 'minmax(110px,160px)',
          leastPx: 110,
          className: 'px-2 py-1',
          cell: (entry: Entry) => (
            <TickBox
              aria-label={`${entry.fields.text ?? ''} gets the ${name.toLowerCase()}`}
              checked={getsBlank(use, entry)}
              onChange={() => onChange((now) => toggleTaker(now, use.id, entry.id), use.id)}
            />
          ),
        };
      }),
    ],
    [spec, onChange],
  );
  return (
    <Fold summary="Who gets what, one by one">
      <div className="mt-2 max-w-[760px] overflow-x-auto">
        <VirtualTable label="Who gets what" columns={columns} rows={rows} idOf={({ id }) => id} rowPx={34} />
      </div>
    </Fold>
  );
}
