'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { entriesWords, useFits, useRun } from '@/client';
import { findingsByEntry, isOpen } from '@/core/figures';
import { WHOLE_ROSTER, entriesShown, isWholeRoster } from '@/core/roster';
import { PrintButton, usePrint } from '@/parts/print';
import { RosterSide } from './name-panel';
import { NeedsYou } from './needs-you';
import { PrintedRoster } from './printed-roster';
import { QuestionPanel } from './question-panel';
import { RosterTable } from './roster-table';
import { RosterViewBar } from './roster-view';

/** Every entry as it came and as it will be cut, after what the list asks and what needs a look. */
export function RosterPage() {
  const { spec } = useRun();
  const fits = useFits();
  const [view, setView] = useState(WHOLE_ROSTER);
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
  // Typing is never held up by a long list.
  const settled = useDeferredValue(view);
  const shown = useMemo(() => entriesShown(rows, settled, new Set(needy.map(({ id }) => id))), [rows, settled, needy]);
  const { isPrinting, print } = usePrint();
  if (isPrinting) return <PrintedRoster entries={shown} />;
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_290px]">
      <section className="min-w-0 p-5">
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-xl font-bold">
            {entriesWords(present.length)}
            {needy.length > 0 && `, ${needy.length} ${needy.length === 1 ? 'needs' : 'need'} you`}
          </h1>
          <PrintButton label="Print the roster" onPrint={print} />
        </div>
        <QuestionPanel />
        <NeedsYou entries={needy} findingsOf={findingsOf} />
        <RosterViewBar view={view} numNeedy={needy.length} numOut={rows.length - present.length} onChange={setView} />
        <RosterTable
          entries={rows}
          shown={shown}
          mayAdd={isWholeRoster(view)}
          findingsOf={findingsOf}
          onCurrent={setCurrentId}
        />
      </section>
      <RosterSide entry={rows.find(({ id }) => id === currentId) ?? null} />
    </div>
  );
}
