'use client';

import { useDeferredValue, useMemo } from 'react';
import { cutTexts, entriesWords, useFits, useRun } from '@/client';
import { type Oddity, type ProofRow, entryParts, oddities, proofRows } from '@/core/wording';
import { type TableColumn, VirtualTable } from '@/ui';
import { MatrixCell } from './matrix-cell';

const ROW_PX = 34;

/** Entry × place: the exact text, and what is unusual about it. Only rows near the window are drawn. */
export function Matrix() {
  const { spec } = useRun();
  const fits = useFits();
  const settled = useDeferredValue(spec);
  const rows = useMemo(() => proofRows(settled), [settled]);
  const cut = useMemo(() => cutTexts(fits.last?.fits ?? [], (fit) => fit), [fits.last]);
  const keys = useMemo(() => [...new Set(rows.map(columnOf))], [rows]);
  const odd = useMemo(() => oddOf(rows, keys), [rows, keys]);
  const entries = useMemo(() => groupByEntry(rows), [rows]);
  const numUnlike = new Set([...odd].filter(([, list]) => list.length > 0).map(([key]) => key)).size;
  const columns = useMemo((): readonly TableColumn<EntryRows>[] => {
    // All of them side by side where there is any way.
    const leastPx = keys.length > 2 ? 118 : 230;
    const places = keys.map((key) => ({ key, name: rows.find((row) => columnOf(row) === key)?.placeName ?? '' }));
    return [
      {
        id: 'no',
        head: 'No',
        width: '46px',
        leastPx: 46,
        className: 'measure px-2 py-1.5 text-right text-soft',
        cell: ({ no }) => no,
      },
      {
        id: 'entry',
        head: 'Entry',
        width: 'minmax(90px,0.8fr)',
        leastPx: 90,
        className: 'px-2 py-1.5 break-words',
        cell: ({ entry }) => entry.fields.text || '(empty)',
      },
      ...places.map(({ key, name }) => ({
        id: key,
        head: name,
        width: `minmax(${leastPx}px,1.6fr)`,
        leastPx,
        cell: ({ rows: own }: EntryRows) => {
          const row = own.find((one) => columnOf(one) === key);
          return row && <MatrixCell row={row} words={cut.get(row.key)?.words ?? null} odd={odd.get(row.key) ?? []} />;
        },
      })),
    ];
  }, [keys, rows, cut, odd]);
  return (
    <>
      <h1 className="mb-3 text-xl font-bold">
        {entriesWords(entries.length)} worded{numUnlike > 0 && `, ${numUnlike} unlike the rest`}
      </h1>
      <div className="overflow-x-auto">
        <VirtualTable label="What is cut" columns={columns} rows={entries} idOf={idOf} rowPx={ROW_PX} />
      </div>
    </>
  );
}

const idOf = ({ entry }: EntryRows) => entry.id;

function columnOf({ at }: ProofRow): string {
  return `${at.useId}-${at.placeId}`;
}

interface EntryRows extends Pick<ProofRow, 'entry' | 'no'> {
  readonly rows: ProofRow[];
}

function groupByEntry(rows: readonly ProofRow[]): readonly EntryRows[] {
  const groups = new Map<string, EntryRows>();
  for (const row of rows) {
    const { entry, no } = row;
    const group = groups.get(entry.id);
    if (group) group.rows.push(row);
    else groups.set(entry.id, { entry, no, rows: [row] });
  }
  return [...groups.values()];
}

/** Texts are compared within their place. */
function oddOf(rows: readonly ProofRow[], columns: readonly string[]): ReadonlyMap<string, readonly Oddity[]> {
  return new Map(
    columns.flatMap((column) => {
      const among = rows.filter((row) => columnOf(row) === column);
      const found = oddities(
        among.map(({ worded, entry, isOwn }) => {
          const text = worded?.lines.map((line) => line.text).join(' ') ?? '';
          const { pet, given } = entryParts(entry);
          return { text, isOwn, isPet: pet !== '' && pet !== given && text.includes(pet) };
        }),
      );
      return among.map((row, i) => [row.key, found[i]!] as const);
    }),
  );
}
