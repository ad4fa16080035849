'use client';

import { BACK_OPTIONS, COVER_OPTIONS, HEATER_OPTIONS, PRESSED_OPTIONS, useHeat } from '@/client';
import { FABRIC_CLASSES, PEELS, PRESSURES, type PressCard, changeRange, fabricFacts } from '@/core/shop';
import { FieldRow, HeatField, NumberField, Select, Ticks } from '@/ui';
import { Words } from './words-field';

interface CardFieldsProps {
  readonly card: PressCard;
  readonly onChange: (part: Partial<PressCard>) => void;
}

const BOX = 'border border-rule-strong bg-paper p-5';

const RANGE = [
  ['chosen', 'Taken'],
  ['least', 'Usually at least'],
  ['most', 'Usually at most'],
] as const;

/** What is pressed on what, how hot and how long, and what is done around it. */
export function CardFields({ card, onChange }: CardFieldsProps) {
  const { unit } = useHeat();
  return (
    <div className="grid items-start gap-5 p-6 lg:max-w-[1180px] lg:grid-cols-2">
      <section className={BOX}>
        <h2 className="heading-small mb-1">For</h2>
        <Words label="Called" value={card.name} most={120} isNeeded onChange={(name) => onChange({ name })} />
        <FieldRow label="Film">
          <Select options={PRESSED_OPTIONS} value={card.kind} onChange={(kind) => onChange({ kind })} />
        </FieldRow>
        <FieldRow label="On">
          <Select
            options={FABRIC_CLASSES.map((id) => [id, fabricFacts(id).words])}
            value={card.fabric}
            onChange={(fabric) => onChange({ fabric })}
          />
        </FieldRow>
        <FieldRow label="With">
          <Select options={HEATER_OPTIONS} value={card.heater} onChange={(heater) => onChange({ heater })} />
        </FieldRow>
        <h2 className="heading-small mt-4 mb-1">Around it</h2>
        <NumberField
          label="Flattened and dried before"
          unit="s"
          decimals={0}
          value={card.dryOutSeconds}
          min={0}
          max={900}
          onChange={(value) => onChange({ dryOutSeconds: Math.round(value) })}
        />
        <FieldRow label="Cover">
          <Select options={COVER_OPTIONS} value={card.cover} onChange={(cover) => onChange({ cover })} />
        </FieldRow>
        <FieldRow label="From the back">
          <Select options={BACK_OPTIONS} value={card.backSide} onChange={(backSide) => onChange({ backSide })} />
        </FieldRow>
        <Ticks
          label="The carrier may come off"
          options={PEELS.map((id) => ({ id, label: id }))}
          value={card.peels}
          onChange={(ids) => ids.length > 0 && onChange({ peels: PEELS.filter((peel) => ids.includes(peel)) })}
        />
      </section>
      <section className={BOX}>
        <h2 className="heading-small mb-1">Heat</h2>
        {RANGE.map(([part, label]) => (
          <HeatField
            key={part}
            label={label}
            unit={unit}
            value={card.heatC[part]}
            min={20}
            max={card.ceilingC}
            onChange={(value) => onChange({ heatC: changeRange(card.heatC, part, value) })}
          />
        ))}
        <HeatField
          label="The film bears at most"
          unit={unit}
          value={card.ceilingC}
          min={card.heatC.most}
          max={300}
          onChange={(ceilingC) => onChange({ ceilingC })}
        />
        <h2 className="heading-small mt-4 mb-1">Seconds</h2>
        {RANGE.map(([part, label]) => (
          <NumberField
            key={part}
            label={`${label}, seconds`}
            unit="s"
            decimals={0}
            value={card.seconds[part]}
            min={0}
            max={900}
            onChange={(value) => onChange({ seconds: changeRange(card.seconds, part, Math.round(value)) })}
          />
        ))}
        <FieldRow label="Pressure">
          <Select
            options={PRESSURES.map((id) => [id, id])}
            value={card.pressure}
            onChange={(pressure) => onChange({ pressure })}
          />
        </FieldRow>
        <Words label="Why these values" value={card.reason} most={400} onChange={(reason) => onChange({ reason })} />
        <Words label="Care" value={card.care} most={400} onChange={(care) => onChange({ care })} />
        <p className="text-sm text-soft">The film maker’s sheet and the blank’s label win over every figure.</p>
      </section>
    </div>
  );
}
