'use client';

import { useMemo, useState } from 'react';
import { entriesWords, useFits, useRun } from '@/client';
import { findingsByEntry, isOpen } from '@/core/figures';
import { RosterSide } from './name-panel';
import { NeedsYou } from './needs-you';
import { QuestionPanel } from './question-panel';
import { RosterTable } from './roster-table';

/** Every entry as it came and as it will be cut, after what the list asks and what needs a look. */
export function RosterPage() {
  const { spec } = useRun();
  const fits = useFits();
  const [currentId, setCurrentId] = useState<string | null>(null);
  const findingsOf = useMemo(() => findingsByEntry(fits.last?.fits ?? []), [fits.last]);
  const present = useMemo(() => spec.entries.filter(({ withdrawn }) => !withdrawn), [spec.entries]);
  const rows = useMemo(
    () => [...present, ...spec.entries.filter(({ withdrawn }) => withdrawn)],
    [present, spec.entries],
  );
  const needy = useMemo(
    () => present.filter(({ id }) => isOpen({ findings: findingsOf.get(id) ?? [] })),
    [present, findingsOf],
  );
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_290px]">
      <section className="min-w-0 p-5">
        <h1 className="mb-3 text-xl font-bold">
          {entriesWords(present.length)}
          {needy.length > 0 && `, ${needy.length} ${needy.length === 1 ? 'needs' : 'need'} you`}
        </h1>
        <QuestionPanel />
        <NeedsYou entries={needy} findingsOf={findingsOf} />
        <RosterTable entries={rows} findingsOf={findingsOf} onCurrent={setCurrentId} />
      </section>
      <RosterSide entry={rows.find(({ id }) => id === currentId) ?? null} />
    </div>
  );
}
