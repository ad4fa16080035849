'use client';

import { useLengths } from '@/client';
import type { Bought } from '@/core/shop';
import { FieldRow, LengthField, NumberField, Select } from '@/ui';

const KINDS = [
  ['', 'not said'],
  ['roll', 'on a roll'],
  ['sheets', 'in sheets'],
] as const;

/** What typing begins with. */
const STARTS: Readonly<Record<Bought['kind'], Bought>> = {
  roll: { kind: 'roll', widthMm: 500, lengthMm: 5000 },
  sheets: { kind: 'sheets', widthMm: 300, heightMm: 300, count: 10 },
};

interface BoughtFieldsProps {
  readonly bought: Bought | null;
  readonly onChange: (bought: Bought | null) => void;
}

export function BoughtFields({ bought, onChange }: BoughtFieldsProps) {
  const { unit } = useLengths();
  return (
    <>
      <FieldRow label="Sold">
        <Select
          options={KINDS}
          value={bought?.kind ?? ''}
          onChange={(kind) => onChange(kind === '' ? null : STARTS[kind])}
        />
      </FieldRow>
      {bought && (
        <LengthField
          label="Width"
          unit={unit}
          value={bought.widthMm}
          min={10}
          max={5000}
          onChange={(widthMm) => onChange({ ...bought, widthMm })}
        />
      )}
      {bought?.kind === 'roll' && (
        <LengthField
          label="Length"
          unit={unit}
          value={bought.lengthMm}
          min={10}
          max={1_000_000}
          onChange={(lengthMm) => onChange({ ...bought, lengthMm })}
        />
      )}
      {bought?.kind === 'sheets' && (
        <>
          <LengthField
            label="Height"
            unit={unit}
            value={bought.heightMm}
            min={10}
            max={5000}
            onChange={(heightMm) => onChange({ ...bought, heightMm })}
          />
          <NumberField
            label="Sheets in a pack"
            unit="pcs"
            decimals={0}
            value={bought.count}
            min={1}
            max={10_000}
            onChange={(count) => onChange({ ...bought, count: Math.round(count) })}
          />
        </>
      )}
    </>
  );
}
