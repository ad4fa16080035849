'use client';

import { useMemo, useState } from 'react';
import { useLengths, usePlaces, useRun } from '@/client';
import { placeGeometry } from '@/core/place';
import { Choice } from '@/ui';
import { FitSide } from './fit-side';
import { FitWall } from './fit-wall';
import { type FitOrder, ordered } from './fit-order';

/** The wall of fits: every name at one scale on the blank's own colour, those that need a decision first. */
export function FitPage() {
  const { fits } = useRun();
  const { pair } = useLengths();
  const [order, setOrder] = useState<FitOrder>('risk');
  const { place, options, chosen, choose } = usePlaces();
  const all = fits.last?.fits;
  const { useId, placeId } = place.at;
  const here = useMemo(
    () => (all ?? []).filter((fit) => fit.useId === useId && fit.placeId === placeId),
    [all, useId, placeId],
  );
  const shown = useMemo(() => ordered(here, order), [here, order]);
  const { box, usable, isInscribed } = placeGeometry(place.variant, place.measured);
  const isAlike = place.use.variant.kind === 'fixed';
  const numUnmeasured = shown.filter(({ measures, emMm }) => measures === null && emMm > 0).length;
  return (
    <div className="grid flex-1 lg:grid-cols-[316px_minmax(0,1fr)]">
      <FitSide place={place} shown={here} />
      <section className="min-w-0 p-5" aria-busy={fits.kind === 'computing'}>
        {options.length > 1 && (
          <div className="mb-4">
            <Choice label="Place" options={options} value={chosen} onChange={choose} />
          </div>
        )}
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <h1 className="heading-small">
            {shown.length} {shown.length === 1 ? 'fit' : 'fits'}, all at one scale
            {fits.kind === 'computing' && fits.last !== null && ' · fitting…'}
            {numUnmeasured > 0 && ` · ${numUnmeasured} to measure`}
          </h1>
          <p>
            {place.blank.name}, {place.role.name}{' '}
            {isAlike ? <span className="measure">{pair(box.widthMm, box.heightMm)}</span> : 'by size and colour'}
            {isAlike && isInscribed && usable && (
              <>
                {' '}
                · lettering takes the largest upright rectangle in it,{' '}
                <span className="measure">{pair(usable.widthMm, usable.heightMm)}</span>
              </>
            )}
          </p>
          <OrderSwitch order={order} onChange={setOrder} />
        </div>
        {fits.last === null && <p className="text-lg">Drawing and measuring every text…</p>}
        <FitWall fits={shown} place={place} />
      </section>
    </div>
  );
}

function OrderSwitch({ order, onChange }: { order: FitOrder; onChange: (order: FitOrder) => void }) {
  return (
    <label className="flex items-center gap-2">
      <span className="heading-small">Order</span>
      <select value={order} onChange={(event) => onChange(event.target.value as FitOrder)}>
        <option value="risk">what needs a look first</option>
        <option value="roster">as in the roster</option>
      </select>
    </label>
  );
}
