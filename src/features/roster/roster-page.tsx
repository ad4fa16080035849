'use client';

import { useMemo } from 'react';
import { facetOf, useRun } from '@/client';
import { ListPanel } from './list-panel';
import { NeedsYou, needsYou } from './needs-you';
import { RosterRow } from './roster-row';

/** Every entry as it came and as it will be cut, with what needs a look; the list itself can be pasted again. */
export function RosterPage() {
  const { spec, fits, work } = useRun();
  const columns = useMemo(() => ownColumns(spec.entries.map(({ fields }) => fields)), [spec.entries]);
  const findingsOf = useMemo(
    () => new Map(fits.last?.fits.map(({ entryId, findings }) => [entryId as string, findings])),
    [fits.last],
  );
  const facets = useMemo(
    () => new Map(work.bench.items.map((item) => [item.entryId, facetOf(item)])),
    [work.bench.items],
  );
  const present = spec.entries.filter(({ withdrawn }) => !withdrawn);
  const withdrawn = spec.entries.filter((entry) => entry.withdrawn);
  const needy = present.filter(({ id }) => needsYou(findingsOf.get(id) ?? []));
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_340px]">
      <section className="min-w-0 p-5">
        <h1 className="mb-3 text-xl font-bold">
          {present.length} {present.length === 1 ? 'entry' : 'entries'}
          {needy.length > 0 && `, ${needy.length} ${needy.length === 1 ? 'needs' : 'need'} you`}
        </h1>
        <NeedsYou entries={needy} findingsOf={findingsOf} />
        <table className="w-full border-collapse bg-paper">
          <thead>
            <tr className="border-b border-ink text-left align-bottom">
              <th className="heading-small w-10 px-2.5 py-2 text-right">No</th>
              <th className="heading-small px-2.5 py-2">As it came</th>
              <th className="heading-small px-2.5 py-2">Will be cut as</th>
              {columns.map((name) => (
                <th key={name} className="heading-small px-2.5 py-2">
                  {name}
                </th>
              ))}
              <th className="heading-small px-2.5 py-2">What needs a look</th>
              <th className="heading-small px-2.5 py-2">Done</th>
            </tr>
          </thead>
          <tbody>
            {[...present, ...withdrawn].map((entry, i) => (
              <RosterRow
                key={entry.id}
                no={i + 1}
                entry={entry}
                columns={columns}
                findings={findingsOf.get(entry.id) ?? []}
                facet={facets.get(entry.id) ?? null}
              />
            ))}
          </tbody>
        </table>
      </section>
      <ListPanel />
    </div>
  );
}

/** The list's own columns in the order in which they first appear. */
function ownColumns(rows: readonly Readonly<Record<string, string>>[]): string[] {
  const names = new Set(rows.flatMap((fields) => Object.keys(fields)));
  names.delete('text');
  return [...names];
}
