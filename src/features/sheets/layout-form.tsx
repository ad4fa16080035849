'use client';

import { useRun } from '@/client';
import { changeLayout } from '@/core/run';
import { formatMmPair } from '@/core/units';
import { Choice, NumberField } from '@/ui';

/** The bed and the film left clear around the pieces; it concerns only what is not made yet. */
export function LayoutForm() {
  const { spec, change } = useRun();
  const { layout, shop } = spec;
  return (
    <section className="grid gap-2">
      <Choice
        label="Bed, usable area"
        options={shop.beds.map(({ id, value }) => ({
          id,
          label: `${value.name}, ${formatMmPair(value.widthMm, value.heightMm, 0)} mm`,
        }))}
        value={layout.bedId}
        onChange={(bedId) => change((now) => changeLayout(now, { bedId }))}
      />
      <div>
        <NumberField
          label="Clear between pieces"
          unit="mm"
          value={layout.spacingMm}
          min={0}
          max={100}
          onChange={(spacingMm) => change((now) => changeLayout(now, { spacingMm }))}
        />
        <NumberField
          label="Clear at the bed’s edge"
          unit="mm"
          value={layout.edgeMm}
          min={0}
          max={100}
          onChange={(edgeMm) => change((now) => changeLayout(now, { edgeMm }))}
        />
      </div>
    </section>
  );
}
