'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { type PlaceOption, useFits, useLengths, usePlaces, useRun } from '@/client';
import { awaitsMeasure } from '@/core/figures';
import { placeGeometry } from '@/core/place';
import type { MainPlace } from '@/core/edit';
import { Choice, optionsOf, Select } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { ChosenBar } from './chosen-bar';
import { CompareBar } from './compare-bar';
import { decisionSubject } from './decision-subject';
import { fitKey, textOf } from './fit-key';
import { type FitOrder, ordered } from './fit-order';
import { FitSide } from './fit-side';
import { FitWall } from './fit-wall';
import { ReleaseBar } from './release-bar';
import { ORDER_WORDS } from './sentences';
import { useComparison } from './use-comparison';
import { useWallSelection } from './use-wall-selection';

/** The wall of fits: every name at one scale on the blank's own colour, those that need a decision first. */
export function FitPage() {
  const fits = useFits();
  const [order, setOrder] = useState<FitOrder>('risk');
  const [otherId, setOtherId] = useState<string | null>(null);
  const { place, options, chosen: placeKey, choose } = usePlaces();
  // Drawn bit by bit: two hundred fits that come at once would keep keys and clicks waiting for half a second.
  const all = useDeferredValue(fits.last?.fits);
  const { useId, placeId } = place.at;
  const here = useMemo(
    () => (all ?? []).filter((fit) => fit.useId === useId && fit.placeId === placeId),
    [all, useId, placeId],
  );
  const shown = useMemo(() => ordered(here, order), [here, order]);
  const selection = useWallSelection(shown);
  const comparison = useComparison(otherId);
  const subject = decisionSubject(shown, selection.focusKey);
  const chosen = shown.filter((fit) => selection.chosen.has(fitKey(fit)));
  return (
    <div className="grid flex-1 lg:grid-cols-[316px_minmax(0,1fr)]">
      <FitSide place={place} shown={here} subject={subject} selection={selection} />
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
        />
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
        <FitWall
          fits={shown}
          place={place}
          subjectKey={subject && fitKey(subject)}
          selection={selection}
          comparison={otherId === null ? null : comparison}
        />
      </section>
    </div>
  );
}

interface WallHeadProps {
  readonly place: MainPlace;
  readonly shown: readonly ScreenFit[];
  readonly options: readonly PlaceOption[];
  readonly placeKey: string;
  readonly onPlace: (key: string) => void;
  readonly order: FitOrder;
  readonly onOrder: (order: FitOrder) => void;
  readonly otherId: string | null;
  readonly onCompare: (letteringId: string | null) => void;
}

function WallHead({ place, shown, options, placeKey, onPlace, order, onOrder, otherId, onCompare }: WallHeadProps) {
  const { spec } = useRun();
  const fits = useFits();
  const { pair } = useLengths();
  const { box } = placeGeometry(place.variant, place.measured);
  const isAlike = place.use.variant.kind === 'fixed';
  const numUnmeasured = shown.filter(awaitsMeasure).length;
  const others = spec.shop.letterings.filter(({ id }) => id !== place.placeUse.letteringId);
  return (
    <>
      {options.length > 1 && (
        <div className="mb-4">
          <Choice label="Place" options={options} value={placeKey} onChange={onPlace} />
        </div>
      )}
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-5 gap-y-2">
        <h1 className="heading-small">
          {shown.length} {shown.length === 1 ? 'fit' : 'fits'}, all at one scale
          {fits.kind === 'computing' && fits.last !== null && ' · fitting…'}
          {numUnmeasured > 0 && ` · ${numUnmeasured} to measure`}
        </h1>
        <p>
          {place.blank.name}, {place.role.name}{' '}
          {isAlike ? <span className="measure">{pair(box.widthMm, box.heightMm)}</span> : 'by size and colour'}
        </p>
        <label className="flex items-center gap-2">
          <span className="heading-small">Order</span>
          <Select options={optionsOf(ORDER_WORDS)} value={order} onChange={onOrder} />
        </label>
        <label className="flex items-center gap-2">
          <span className="heading-small">Beside</span>
          <Select
            options={[['', 'no other lettering'], ...others.map(({ id, value }) => [id, value.name] as const)]}
            value={otherId ?? ''}
            onChange={(id) => onCompare(id || null)}
          />
        </label>
      </div>
    </>
  );
}
