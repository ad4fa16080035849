'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { cutTexts, entriesWords, useFits, useRun } from '@/client';
import { type Oddity, type ProofRow, entryParts, oddities, proofRows } from '@/core/wording';
import { MatrixCell } from './matrix-cell';

const ROW_PX = 34;

/** Entry × place: the exact text, and what is unusual about it. Only rows near the window are drawn. */
export function Matrix() {
  const { spec } = useRun();
  const fits = useFits();
  const settled = useDeferredValue(spec);
  const rows = useMemo(() => proofRows(settled), [settled]);
  const cut = useMemo(() => cutTexts(fits.last?.fits ?? [], (fit) => fit), [fits.last]);
  const columns = useMemo(() => [...new Set(rows.map(columnOf))], [rows]);
  const odd = useMemo(() => oddOf(rows, columns), [rows, columns]);
  const entries = useMemo(() => groupByEntry(rows), [rows]);
  const numUnlike = new Set([...odd].filter(([, list]) => list.length > 0).map(([key]) => key)).size;
  const body = useRef<HTMLDivElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => setTopPx(body.current?.offsetTop ?? 0), [entries]);
  const windowed = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: topPx,
  });
  const names = columns.map((column) => rows.find((row) => columnOf(row) === column)?.placeName ?? '');
  const gridTemplate = `46px minmax(120px,0.8fr) ${columns.map(() => 'minmax(270px,1.6fr) ').join('')}`;
  return (
    <>
      <h1 className="mb-3 text-xl font-bold">
        {entriesWords(entries.length)} worded{numUnlike > 0 && `, ${numUnlike} unlike the rest`}
      </h1>
      <div className="overflow-x-auto">
        <div
          role="table"
          aria-label="What is cut"
          aria-rowcount={entries.length + 1}
          className="bg-paper"
          style={{ minWidth: 166 + columns.length * 270 }}
        >
          <div role="row" className="grid items-end border-b border-ink" style={{ gridTemplateColumns: gridTemplate }}>
            {['No', 'Entry', ...names].map((name, i) => (
              <span role="columnheader" key={i} className="heading-small px-2 py-2">
                {name}
              </span>
            ))}
          </div>
          <div ref={body} role="rowgroup" className="relative" style={{ height: windowed.getTotalSize() }}>
            {windowed.getVirtualItems().map(({ index, start }) => {
              const { entry, no, rows: own } = entries[index]!;
              return (
                <div
                  key={entry.id}
                  ref={windowed.measureElement}
                  data-index={index}
                  role="row"
                  className="absolute inset-x-0 top-0 grid min-h-8 items-start border-b border-rule"
                  style={{ transform: `translateY(${start - topPx}px)`, gridTemplateColumns: gridTemplate }}
                >
                  <span role="cell" className="measure px-2 py-1.5 text-right text-soft">
                    {no}
                  </span>
                  <span role="cell" className="px-2 py-1.5 break-words">
                    {entry.fields.text || '(empty)'}
                  </span>
                  {columns.map((column) => {
                    const row = own.find((one) => columnOf(one) === column);
                    return (
                      <span role="cell" key={column} className="min-w-0">
                        {row && (
                          <MatrixCell row={row} words={cut.get(row.key)?.words ?? null} odd={odd.get(row.key) ?? []} />
                        )}
                      </span>
                    );
                  })}
                </div>
              );
            })}
          </div>
        </div>
      </div>
    </>
  );
}

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
