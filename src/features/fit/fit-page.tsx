'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { RunAfterwards, itemIdsOf, useFits, usePlaces } from '@/client';
import { Preview, usePreview } from '@/parts/preview';
import { ChosenBar } from './chosen-bar';
import { CompareBar } from './compare-bar';
import { decisionSubject } from './decision-subject';
import { fitKey, textOf } from './fit-key';
import { type FitOrder, ordered } from './fit-order';
import { FitSide } from './fit-side';
import { FitWall } from './fit-wall';
import { LetteringStrip } from './lettering-strip';
import { ReleaseBar } from './release-bar';
import { useComparison } from './use-comparison';
import { useWallSelection } from './use-wall-selection';
import { WallHead } from './wall-head';

/** The wall of fits: every name at one scale on the blank's own colour, those that need a decision first. */
export function FitPage() {
  const fits = useFits();
  const [order, setOrder] = useState<FitOrder>('risk');
  const [otherId, setOtherId] = useState<string | null>(null);
  const [lifted, setLifted] = useState<string | null>(null);
  const { place, options, chosen: placeKey, choose } = usePlaces();
  // Drawn bit by bit: two hundred fits that come at once would keep keys and clicks waiting for half a second.
  const all = useDeferredValue(fits.last?.fits);
  const { useId, placeId } = place.at;
  const here = useMemo(
    () => (all ?? []).filter((fit) => fit.useId === useId && fit.placeId === placeId),
    [all, useId, placeId],
  );
  const shown = useMemo(() => ordered(here, order), [here, order]);
  // As late as the place that they are drawn on, so that none is drawn on another's.
  const [hereAfterwards, shownAfterwards] = [useDeferredValue(here), useDeferredValue(shown)];
  const selection = useWallSelection(shown);
  const comparison = useComparison(otherId);
  const subject = decisionSubject(shown, selection.focusKey);
  const itemIds = useMemo(() => itemIdsOf(shown), [shown]);
  const preview = usePreview(subject?.itemId ?? shown.at(0)?.itemId ?? null);
  const chosen = shown.filter((fit) => selection.chosen.has(fitKey(fit)));
  return (
    <div className="grid flex-1 lg:grid-cols-[316px_minmax(0,1fr)]">
      <FitSide place={place} shown={here} subject={subject} selection={selection} onPreview={preview.open} />
      <section className="min-w-0 p-5" aria-busy={fits.kind === 'computing'}>
        <WallHead
          place={place}
          shown={shown}
          options={options}
          placeKey={placeKey}
          onPlace={choose}
          order={order}
          onOrder={setOrder}
          otherId={otherId}
          onCompare={setOtherId}
          lifted={lifted}
          onLift={setLifted}
          onPreview={() => preview.open(subject?.itemId ?? shown.at(0)?.itemId ?? null)}
        />
        <RunAfterwards>
          <LetteringStrip shown={hereAfterwards} />
        </RunAfterwards>
        <ReleaseBar />
        {chosen.length > 0 && (
          <ChosenBar
            key={[...selection.chosen].join()}
            texts={chosen.map(textOf)}
            numChosen={chosen.length}
            place={place}
            letterMm={(place.sizeGroup.letter === 'x' ? chosen[0]?.xHeightMm : chosen[0]?.capHeightMm) ?? 0}
            onClear={() => selection.choose([])}
          />
        )}
        {otherId !== null && (
          <CompareBar
            place={place}
            shown={shown}
            letteringId={otherId}
            comparison={comparison}
            onEnd={() => setOtherId(null)}
          />
        )}
        {fits.last === null && <p className="text-lg">Drawing and measuring every text…</p>}
        <RunAfterwards>
          <FitWall
            fits={shownAfterwards}
            subjectKey={subject && fitKey(subject)}
            selection={selection}
            comparison={otherId === null ? null : comparison}
            lifted={lifted}
          />
        </RunAfterwards>
      </section>
      {preview.openId !== null && (
        <Preview itemIds={itemIds} itemId={preview.openId} onMove={preview.open} onClose={() => preview.open(null)} />
      )}
    </div>
  );
}
