'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { type MouseEvent, useCallback, useEffect, useRef, useState } from 'react';
import type { Tally } from '@/core/ledger';
import { Button } from '@/ui';
import { BenchFilters } from './bench-filters';
import { useRun } from '@/client';
import { PrintButton } from '@/parts/print';
import { BenchRow } from './bench-row';
import { CutAgain } from './cut-again';
import { NameJump } from './name-jump';
import { extendTo, pickOne, toggle } from './selection';
import type { Bench } from './use-bench';

const ROW_PX = 49;

interface BenchListProps {
  readonly bench: Bench;
  readonly tally: Tally;
  readonly onPrint: () => void;
}

/** All items with their facets; those to cut again are named first, since they wait for a pass. */
export function BenchList({ bench, tally, onPrint }: BenchListProps) {
  const { all, items, ids, selection } = bench;
  const hasBlanks = useRun().spec.uses.length > 1;
  const [picksSeveral, setPicksSeveral] = useState(false);
  const latest = useRef({ bench, picksSeveral });
  useEffect(() => {
    latest.current = { bench, picksSeveral };
  });
  const pick = useCallback((event: MouseEvent, id: string) => {
    const { bench: now, picksSeveral: several } = latest.current;
    if (event.shiftKey) now.setSelection(extendTo(now.selection, now.ids, id));
    else now.setSelection(several || event.ctrlKey || event.metaKey ? toggle(now.selection, id) : pickOne(id));
  }, []);
  const scroller = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called while drawing and kept nowhere
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    getItemKey: (index) => ids[index]!,
    overscan: 12,
  });
  const at = selection.currentId === null ? -1 : ids.indexOf(selection.currentId);
  useEffect(() => {
    if (at >= 0) rows.scrollToIndex(at, { align: 'auto' });
  }, [at, rows]);
  return (
    <section className="border-l border-rule-strong bg-shade md:col-span-2 xl:col-span-1">
      <div className="px-4 pt-4 pb-2">
        <CutAgain items={all} />
        <h2 className="heading-small mb-2">
          {tally.packed} of {tally.items} {tally.items === 1 ? 'item' : 'items'} packed
        </h2>
        <NameJump bench={bench} />
        <BenchFilters bench={bench} />
        <Button className="min-h-touch" aria-pressed={picksSeveral} onClick={() => setPicksSeveral(!picksSeveral)}>
          {picksSeveral ? `${selection.pickedIds.size} picked: tap to add or drop` : 'Pick several'}
        </Button>{' '}
        <PrintButton label="Print the list" size="bench" onPrint={onPrint} />
      </div>
      <div ref={scroller} className="max-h-[max(320px,calc(100vh-360px))] overflow-y-auto">
        {items.length === 0 && <p className="px-4 py-3">Nothing here any more.</p>}
        <ol aria-label="Items of the run" className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map(({ index, key, start }) => {
            const item = items[index]!;
            return (
              <li
                key={key}
                ref={rows.measureElement}
                data-index={index}
                aria-setsize={items.length}
                aria-posinset={index + 1}
                className="absolute inset-x-0 top-0"
                style={{ transform: `translateY(${start}px)` }}
              >
                <BenchRow
                  item={item}
                  isCurrent={item.itemId === selection.currentId}
                  isPicked={selection.pickedIds.has(item.itemId)}
                  hasBlanks={hasBlanks}
                  onPick={pick}
                />
              </li>
            );
          })}
        </ol>
      </div>
    </section>
  );
}
