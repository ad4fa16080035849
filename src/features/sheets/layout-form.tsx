'use client';

import { useLengths, useRun } from '@/client';
import { changeLayout } from '@/core/edit';
import { isOnce } from '@/core/spec';
import { Choice, LengthField, Tick } from '@/ui';
import { BedsByFilm } from './beds-by-film';

/** The bed and the film left clear around the pieces; it concerns only what is not made yet. */
export function LayoutForm() {
  const { spec, change } = useRun();
  const { unit, pair } = useLengths();
  const { layout, shop } = spec;
  return (
    <section className="grid gap-2">
      <Choice
        label="Bed, usable area"
        options={shop.beds.map(({ id, value }) => ({
          id,
          label: `${value.name}, ${pair(value.widthMm, value.heightMm, 0)}${isOnce(value) ? ', once' : ''}`,
        }))}
        value={layout.bedId}
        onChange={(bedId) => change((now) => changeLayout(now, { bedId }))}
      />
      <BedsByFilm />
      <div>
        <LengthField
          label="Clear between pieces"
          unit={unit}
          value={layout.spacingMm}
          min={0}
          max={100}
          onChange={(spacingMm) => change((now) => changeLayout(now, { spacingMm }))}
        />
        <LengthField
          label="Clear at the bed’s edge"
          unit={unit}
          value={layout.edgeMm}
          min={0}
          max={100}
          onChange={(edgeMm) => change((now) => changeLayout(now, { edgeMm }))}
        />
      </div>
      <Tick checked={layout.mayTurn} onChange={(mayTurn) => change((now) => changeLayout(now, { mayTurn }))}>
        Pieces may be turned by a quarter
      </Tick>
    </section>
  );
}
