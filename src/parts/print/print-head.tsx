'use client';

import { format } from 'date-fns';
import { useRun, useStationName } from '@/client';

/** Above what is printed: of which run it is, what it is, and of which day. On paper alone. */
export function PrintHead({ what }: { readonly what: string }) {
  const { spec } = useRun();
  const [station] = useStationName();
  const due = spec.dueOn === null ? '' : ` · due ${format(new Date(`${spec.dueOn}T12:00`), 'd MMMM yyyy')}`;
  return (
    <div className="mb-3 hidden border-b border-ink pb-1 print:block">
      <p className="text-lg font-bold">{spec.title}</p>
      <p>
        {what}
        {due} · printed {format(new Date(), 'd MMMM yyyy, HH:mm')}
        {station && ` at ${station}`}
      </p>
    </div>
  );
}
