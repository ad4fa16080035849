'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import {
  cutTexts,
  itemIdsOf,
  shownFits,
  stoppedTexts,
  useFits,
  useHeat,
  useLengths,
  usePaper,
  useRun,
  useWork,
} from '@/client';
import { proofRows, tickRows, untickRows } from '@/core/wording';
import { Button, ButtonLink, Signer, Tick } from '@/ui';
import { Preview, usePreview } from '@/parts/preview';
import { clothsBySlot } from './cloths';
import { PX_PER_MM } from './proof-drawing';
import { proofHeading, stoppedLast } from './proof-list';
import { ProofText } from './proof-text';
import { useProofKeys } from './use-proof-keys';
import { useSigner } from './use-signer';

const ROW_PX = 96;
/** Lettering is drawn at one scale for all, so that the widest still has room. */
const MOST_WIDTH_PX = 340;
/** Side by side, in the order of reading. */
const ACROSS = 2;

/** Every text as it will be cut, to be looked at letter by letter and ticked. */
export function ProofPage() {
  const { spec, runId, change } = useRun();
  const fits = useFits();
  const { items } = useWork().bench;
  const signer = useSigner();
  const [showsOpen, setShowsOpen] = useState(false);
  const settled = useDeferredValue(spec);
  const all = useMemo(() => proofRows(settled).filter(({ worded }) => worded !== null), [settled]);
  const shown = useMemo(() => shownFits(fits.last?.fits ?? [], items), [fits.last, items]);
  const cut = useMemo(() => cutTexts(shown, ({ fit }) => fit), [shown]);
  const stopped = useMemo(() => stoppedTexts(shown), [shown]);
  const rows = useMemo(() => stoppedLast(all, stopped, showsOpen), [all, stopped, showsOpen]);
  const open = all.filter(({ key, state }) => state.kind !== 'ticked' && !stopped.has(key));
  const numChanged = all.filter(({ state }) => state.kind === 'changed').length;
  const widest = Math.max(1, ...(fits.last?.fits ?? []).map(({ inkWidthMm }) => inkWidthMm));
  const pxPerMm = Math.min(PX_PER_MM, MOST_WIDTH_PX / widest);
  const tick = (picked: typeof rows) =>
    signer.signed((who) => change((now) => tickRows(now, picked, who, new Date().toISOString())));
  const untick = (picked: typeof rows) => {
    change((now) => untickRows(now, picked));
    return true;
  };
  const toggle = (row: (typeof rows)[number]) => {
    if (stopped.has(row.key)) return false;
    return row.state.kind === 'ticked' ? untick([row]) : tick([row]);
  };
  const [paper] = usePaper();
  const lengths = useLengths();
  const heats = useHeat();
  const { at, setAt } = useProofKeys(rows, ACROSS, toggle);
  const clothOf = useMemo(() => clothsBySlot(fits.last?.fits ?? [], settled), [fits.last, settled]);
  const itemIds = useMemo(
    () => itemIdsOf(rows.flatMap(({ key }) => cut.get(key)?.fits.map(({ fit }) => fit) ?? [])),
    [rows, cut],
  );
  const preview = usePreview(cut.get(rows[at]?.key ?? '')?.fits.at(0)?.fit.itemId ?? null);
  const body = useRef<HTMLDivElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => setTopPx(body.current?.offsetTop ?? 0), [rows, numChanged]);
  const windowed = useWindowVirtualizer({
    count: Math.ceil(rows.length / ACROSS),
    estimateSize: () => ROW_PX,
    overscan: 6,
    scrollMargin: topPx,
    getItemKey: (index) => rows[index * ACROSS]!.key,
  });
  return (
    <div className="p-5">
      <header className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <h1 className="text-xl font-bold">
          {proofHeading({ numTexts: all.length, numOpen: open.length, numChanged, numStopped: stopped.size })}
        </h1>
        <span className="ml-auto">
          <Signer label="Who looks" {...signer.field} />
        </span>
        <Button weight="main" disabled={open.length === 0} onClick={() => tick(open)}>
          Tick all {open.length}
        </Button>
        <Tick checked={showsOpen} onChange={setShowsOpen}>
          only what is open
        </Tick>
        <ButtonLink
          href={`/api/runs/${runId}/proof.pdf?${new URLSearchParams({ paper, length: lengths.unit, heat: heats.unit })}`}
          download
        >
          Proof as PDF
        </ButtonLink>
      </header>
      <p className="mb-2 text-soft">
        Each text exactly as it will be cut, all at one scale, and letter by letter beneath. Arrows walk, space ticks, V
        shows the finished item.
      </p>
      <div
        ref={body}
        role="list"
        aria-label="Texts"
        className="relative border-y border-rule-strong bg-paper"
        style={{ height: windowed.getTotalSize() }}
      >
        {windowed.getVirtualItems().map(({ index, key, start }) => (
          <div
            key={key}
            ref={windowed.measureElement}
            data-index={index}
            role="presentation"
            className="absolute inset-x-0 top-0 grid grid-cols-2 divide-x divide-rule border-b border-rule"
            style={{ transform: `translateY(${start - topPx}px)` }}
          >
            {rows.slice(index * ACROSS, (index + 1) * ACROSS).map((row, k) => (
              <ProofText
                key={row.key}
                row={row}
                cut={cut.get(row.key) ?? null}
                stop={stopped.get(row.key) ?? null}
                pxPerMm={pxPerMm}
                cloth={clothOf(row.key)}
                isCurrent={index * ACROSS + k === at}
                onPick={() => setAt(index * ACROSS + k)}
                onToggle={() => toggle(row)}
                onPreview={preview.open}
              />
            ))}
          </div>
        ))}
      </div>
      {preview.openId !== null && (
        <Preview itemIds={itemIds} itemId={preview.openId} onMove={preview.open} onClose={() => preview.open(null)} />
      )}
    </div>
  );
}
