'use client';

import { useMemo, useState } from 'react';
import { entryFacets, randomBytes, useRun, useWork } from '@/client';
import type { Finding } from '@/core/finding';
import { addEntry, changeField, changeQuantity, columnsBesideText, putBack, takeOut } from '@/core/roster';
import type { Entry } from '@/core/spec';
import { TextButton, VirtualTable } from '@/ui';
import { type RosterGrid, gridFor } from './grid-for';
import { type RosterRow, type RowDeeds, rosterColumns } from './roster-columns';

const ROW_PX = 33;

interface RosterTableProps {
  /** Present entries, then those that are withdrawn. */
  readonly entries: readonly Entry[];
  /** Those of them that are looked at, in the order in which they are. */
  readonly shown: readonly Entry[];
  /** What is added is among what is looked at. */
  readonly mayAdd: boolean;
  readonly findingsOf: ReadonlyMap<string, readonly Finding[]>;
  /** The row that the keyboard is in. */
  readonly onCurrent: (entryId: string) => void;
}

const NOTHING: readonly Finding[] = [];

/** All entries in rows that are edited in place. Only rows near the window are drawn, however long the list is. */
export function RosterTable({ entries, shown, mayAdd, findingsOf, onCurrent }: RosterTableProps) {
  const { spec } = useRun();
  const { items } = useWork().bench;
  const deeds = useRowDeeds(onCurrent);
  const names = useMemo(() => columnsBesideText(spec.entries), [spec.entries]);
  const grid = useMemo(() => gridFor(spec.entries, names), [spec.entries, names]);
  // Widths follow what is typed; the columns stay the same as long as they do.
  const word = JSON.stringify([names, grid]);
  const columns = useMemo(() => {
    const [own, widths] = JSON.parse(word) as [string[], RosterGrid];
    return rosterColumns(own, widths, deeds);
  }, [word, deeds]);
  const facets = useMemo(() => entryFacets(items), [items]);
  const places = useMemo(() => new Map(entries.map(({ id }, i) => [id, i])), [entries]);
  const rows = useMemo(
    () =>
      shown.map((entry): RosterRow => {
        const index = places.get(entry.id) ?? 0;
        return { index, entry, findings: findingsOf.get(entry.id) ?? NOTHING, facet: facets.get(entry.id) ?? null };
      }),
    [shown, places, findingsOf, facets],
  );
  return (
    <div className="overflow-x-auto bg-paper">
      <VirtualTable
        label="Entries"
        columns={columns}
        rows={rows}
        idOf={idOf}
        rowPx={ROW_PX}
        rowClass={({ entry }) => (entry.withdrawn ? 'text-soft' : '')}
        onCurrent={deeds.onRow}
      />
      {rows.length === 0 && <p className="px-3 py-4 text-soft">Nobody on this list is like that.</p>}
      {mayAdd && <AddEntry />}
    </div>
  );
}

const idOf = ({ entry }: RosterRow) => entry.id;

function useRowDeeds(onCurrent: (entryId: string) => void) {
  const { change } = useRun();
  const { hasWork } = useWork();
  return useMemo(
    (): RowDeeds & { readonly onRow: (row: RosterRow) => void } => ({
      onCurrent,
      onRow: ({ entry }) => onCurrent(entry.id),
      onField: (id, name, value) => change((spec) => changeField(spec, id, name, value)),
      onQuantity: (id, quantity) => change((spec) => changeQuantity(spec, id, quantity)),
      onTakeOut: (id) => change((spec) => takeOut(spec, new Set([id]), hasWork)),
      onPutBack: (id) => change((spec) => putBack(spec, new Set([id]))),
    }),
    [change, hasWork, onCurrent],
  );
}

function AddEntry() {
  const { change } = useRun();
  const [typed, setTyped] = useState('');
  const add = () => {
    if (typed.trim() === '') return;
    change((spec) => addEntry(spec, typed, randomBytes));
    setTyped('');
  };
  return (
    <form
      className="flex items-center gap-2 px-2 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <input
        aria-label="Another name"
        placeholder="Another name"
        className="w-72"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <TextButton type="submit" className="px-2" disabled={typed.trim() === ''}>
        Add it
      </TextButton>
    </form>
  );
}
