'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { entryFacets, randomBytes, useRun, useWork } from '@/client';
import type { Finding } from '@/core/finding';
import { addEntry, changeField, changeQuantity, columnsBesideText, putBack, takeOut } from '@/core/roster';
import type { Entry } from '@/core/spec';
import { gridFor } from './grid-for';
import { RosterRow, type RowDeeds } from './roster-row';

const ROW_PX = 33;
const AHEAD = 16;
interface RosterTableProps {
  /** Present entries, then those that are withdrawn. */
  readonly entries: readonly Entry[];
  readonly findingsOf: ReadonlyMap<string, readonly Finding[]>;
  /** The row that the keyboard is in. */
  readonly onCurrent: (entryId: string) => void;
}

const NOTHING: readonly Finding[] = [];

/** All entries in rows that are edited in place. Only rows near the window are drawn, however long the list is. */
export function RosterTable({ entries, findingsOf, onCurrent }: RosterTableProps) {
  const { spec } = useRun();
  const { items } = useWork().bench;
  const deeds = useRowDeeds(onCurrent);
  const columns = useMemo(() => columnsBesideText(spec.entries), [spec.entries]);
  const { gridTemplate, minWidthPx } = useMemo(() => gridFor(spec.entries, columns), [spec.entries, columns]);
  const facets = useMemo(() => entryFacets(items), [items]);
  const body = useRef<HTMLDivElement>(null);
  const [topPx, setTopPx] = useState(0);
  // What stands above comes and goes with the findings.
  useLayoutEffect(() => setTopPx(body.current?.offsetTop ?? 0), [entries, findingsOf]);
  const rows = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => ROW_PX,
    overscan: AHEAD,
    scrollMargin: topPx,
    getItemKey: (index) => entries[index]!.id,
  });
  return (
    <div className="overflow-x-auto bg-paper">
      <div role="table" aria-label="Entries" aria-rowcount={entries.length + 1} style={{ minWidth: minWidthPx }}>
        <TableHead
          names={['No', 'In the list', 'Pieces', ...columns, 'What needs a look', 'Done']}
          gridTemplate={gridTemplate}
        />
        <div ref={body} role="rowgroup" className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map(({ index, key, start }) => (
            <div
              key={key}
              ref={rows.measureElement}
              data-index={index}
              role="presentation"
              className="absolute inset-x-0 top-0"
              style={{ transform: `translateY(${start - topPx}px)` }}
            >
              <RosterRow
                index={index}
                entry={entries[index]!}
                columns={columns}
                gridTemplate={gridTemplate}
                findings={findingsOf.get(entries[index]!.id) ?? NOTHING}
                facet={facets.get(entries[index]!.id) ?? null}
                deeds={deeds}
              />
            </div>
          ))}
        </div>
      </div>
      <AddEntry />
    </div>
  );
}

function TableHead({ names, gridTemplate }: { readonly names: readonly string[]; readonly gridTemplate: string }) {
  return (
    <div
      role="row"
      aria-rowindex={1}
      className="grid items-end border-b border-ink"
      style={{ gridTemplateColumns: gridTemplate }}
    >
      {names.map((name, i) => (
        <span role="columnheader" key={`${i}-${name}`} className="heading-small px-2 py-2">
          {name}
        </span>
      ))}
      <span role="columnheader">
        <span className="sr-only">Take out or put back</span>
      </span>
    </div>
  );
}

function useRowDeeds(onCurrent: (entryId: string) => void): RowDeeds {
  const { change } = useRun();
  const { hasWork } = useWork();
  return useMemo(
    () => ({
      onCurrent,
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
      <button type="submit" className="px-2 text-verdigris underline underline-offset-4" disabled={typed.trim() === ''}>
        Add it
      </button>
    </form>
  );
}
