'use client';

import { type MouseEvent, memo, useCallback, useEffect, useRef } from 'react';
import { facetOf } from '@/client';
import type { Tally } from '@/core/ledger';
import type { BenchItem } from '@/services';
import { Facet } from '@/ui';
import { extendTo, pickOne, toggle } from './selection';
import type { Bench } from './use-bench';

/** All items with their facets; those to cut again are named first, since they wait for a pass. */
export function BenchList({ bench, tally }: { readonly bench: Bench; readonly tally: Tally }) {
  const { items, selection } = bench;
  const recuts = items.filter(({ pieces }) => pieces.some(({ attempt, stage }) => attempt > 1 && stage === null));
  const latest = useRef(bench);
  useEffect(() => {
    latest.current = bench;
  });
  const pick = useCallback((event: MouseEvent, id: string) => {
    const { ids, selection: now, setSelection } = latest.current;
    if (event.shiftKey) setSelection(extendTo(now, ids, id));
    else setSelection(event.ctrlKey || event.metaKey ? toggle(now, id) : pickOne(id));
  }, []);
  return (
    <section className="border-l border-rule-strong bg-shade md:col-span-2 xl:col-span-1">
      <div className="px-4 pt-4">
        {recuts.length > 0 && (
          <div className="mb-3 border-l-4 border-madder bg-madder-tint px-3 py-1.5" data-testid="recuts">
            <h2 className="font-semibold">Cut again</h2>
            <ul>
              {recuts.map((item) => (
                <li key={item.itemId}>
                  {item.text.join(' ')}: {recutWords(item)}
                </li>
              ))}
            </ul>
          </div>
        )}
        <h2 className="heading-small mb-1">
          {tally.packed} of {tally.items} packed
        </h2>
      </div>
      <ol className="max-h-[calc(100vh-190px)] overflow-y-auto" aria-label="Items of the run">
        {items.map((item) => (
          <BenchRow
            key={item.itemId}
            item={item}
            isCurrent={item.itemId === selection.currentId}
            isPicked={selection.pickedIds.has(item.itemId)}
            onPick={pick}
          />
        ))}
      </ol>
    </section>
  );
}

function recutWords({ pieces }: BenchItem): string {
  const piece = pieces.find(({ attempt, stage }) => attempt > 1 && stage === null);
  const where = piece?.passNo == null ? 'waits for the next pass' : `in pass ${piece.passNo}`;
  return `${piece?.spoiledFor ?? ''}, ${where}`;
}

interface BenchRowProps {
  readonly item: BenchItem;
  readonly isCurrent: boolean;
  readonly isPicked: boolean;
  /** Stays the same function, so that a row is drawn again only when its own item or state changed. */
  readonly onPick: (event: MouseEvent, itemId: string) => void;
}

const BenchRow = memo(function BenchRow({ item, isCurrent, isPicked, onPick }: BenchRowProps) {
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isCurrent) row.current?.scrollIntoView({ block: 'nearest' });
  }, [isCurrent]);
  const passNo = item.pieces[0]?.passNo ?? null;
  return (
    <li ref={row} className="[content-visibility:auto] [contain-intrinsic-size:auto_48px]">
      <button
        type="button"
        aria-pressed={isPicked}
        aria-current={isCurrent ? 'true' : undefined}
        onClick={(event) => onPick(event, item.itemId)}
        className={`flex min-h-12 w-full items-center gap-3 border-b border-rule border-l-4 px-3 text-left ${
          isPicked ? 'bg-verdigris-tint' : 'hover:bg-paper'
        } ${isCurrent ? 'border-l-verdigris font-semibold' : 'border-l-transparent'}`}
      >
        <Facet {...facetOf(item)} sizePx={24} />
        <span className="min-w-0 flex-1 break-words">{item.text.join(' ')}</span>
        <span className="measure text-sm text-soft">{passNo === null ? 'no pass' : `pass ${passNo}`}</span>
      </button>
    </li>
  );
});
