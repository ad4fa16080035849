'use client';

import { usePlaces, useRun } from '@/client';
import { Choice } from '@/ui';
import { ComposePlace } from './compose-place';
import { DateChoice } from './date-choice';
import { Matrix } from './matrix';
import { MonogramChoice } from './monogram-choice';

/** What every place says: composed once, read for every entry, changed where one needs words of its own. */
export function WordingPage() {
  const { spec } = useRun();
  const { place, options, chosen, choose } = usePlaces();
  const { use, placeUse, role } = place;
  const templates = spec.uses.flatMap(({ places }) =>
    places.flatMap(({ wording }) => wording?.lines.flatMap(({ runs }) => runs.map(({ template }) => template)) ?? []),
  );
  const uses = (token: string) => templates.some((template) => template.includes(token));
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_400px]">
      <section className="order-2 min-w-0 p-5 lg:order-1">
        <Matrix />
      </section>
      <aside className="order-1 grid content-start gap-6 border-l border-rule-strong bg-paper p-5 lg:order-2">
        {options.length > 1 && <Choice label="Place" options={options} value={chosen} onChange={choose} />}
        <ComposePlace
          key={chosen}
          at={{ useId: use.id as never, placeId: placeUse.placeId as never }}
          name={role.name}
          wording={placeUse.wording}
        />
        {uses('{monogram') && <MonogramChoice />}
        {uses('{date') && <DateChoice />}
      </aside>
    </div>
  );
}
