'use client';

import { useLengths } from '@/client';
import type { Bed } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { Choice, LengthField, Tick } from '@/ui';
import { ThingPage } from './thing-page';
import { Words } from './words-field';

/** One bed of the shop. */
export function BedPage({ initial }: { readonly initial: ShopThingView<Bed> }) {
  return (
    <ThingPage
      shelf="beds"
      words="beds"
      initial={initial}
      titleOf={({ name }) => <h1 className="text-xl font-bold">{name}</h1>}
    >
      {(bed, change) => <BedFields bed={bed} onChange={(part) => change((now) => ({ ...now, ...part }))} />}
    </ThingPage>
  );
}

interface BedFieldsProps {
  readonly bed: Bed;
  readonly onChange: (part: Partial<Bed>) => void;
}

function BedFields({ bed, onChange }: BedFieldsProps) {
  const { unit } = useLengths();
  const isRoll = bed.kind === 'roll';
  return (
    <section className="m-6 grid max-w-[560px] gap-2 border border-rule-strong bg-paper p-5">
      <Words label="Name" value={bed.name} most={120} isNeeded onChange={(name) => onChange({ name })} />
      <Choice
        label="It is"
        options={[
          { id: 'bed', label: 'a bed that is loaded' },
          { id: 'roll', label: 'a roll that runs through' },
        ]}
        value={bed.kind}
        onChange={(id) => onChange({ kind: id === 'roll' ? 'roll' : 'bed' })}
      />
      <LengthField
        label="Width that the blade reaches"
        unit={unit}
        value={bed.widthMm}
        min={20}
        max={5000}
        onChange={(widthMm) => onChange({ widthMm })}
      />
      <LengthField
        label={isRoll ? 'Greatest length of one loading' : 'Length that the blade reaches'}
        unit={unit}
        value={bed.heightMm}
        min={20}
        max={5000}
        onChange={(heightMm) => onChange({ heightMm })}
      />
      <LengthField
        label="Margin that it cannot reach"
        unit={unit}
        value={bed.marginMm ?? 0}
        min={0}
        max={200}
        onChange={(marginMm) => onChange({ marginMm })}
      />
      <LengthField
        label="Shortest film that may be loaded"
        unit={unit}
        value={bed.leastMm ?? 0}
        min={0}
        max={5000}
        onChange={(leastMm) => onChange({ leastMm })}
      />
      <Tick checked={bed.once ?? false} onChange={(once) => onChange({ once })}>
        A leftover: it serves one pass only
      </Tick>
    </section>
  );
}
