'use client';

import type { Blank } from '@/core/shop';
import { FieldRow, MaybeNumber, NumberField } from '@/ui';

interface PackFieldsProps {
  readonly pack: Blank['pack'];
  readonly onChange: (pack: Blank['pack']) => void;
}

/** How it is bought: packs hold one size and colour. */
export function PackFields({ pack, onChange }: PackFieldsProps) {
  return (
    <div>
      <h2 className="heading-small mb-1">Bought in packs</h2>
      <NumberField
        label="Pieces in a pack"
        unit="pcs"
        decimals={0}
        value={pack.count}
        min={1}
        max={10_000}
        onChange={(count) => onChange({ ...pack, count: Math.round(count) })}
      />
      <MaybeNumber
        label="Price of a pack"
        start={0}
        unit={pack.currency}
        decimals={2}
        value={pack.priceCents === null ? null : pack.priceCents / 100}
        min={0}
        max={1_000_000}
        onChange={(price) => onChange({ ...pack, priceCents: price === null ? null : Math.round(price * 100) })}
      />
      <FieldRow label="Currency, in three letters">
        <input
          className="measure w-16"
          value={pack.currency}
          maxLength={3}
          onChange={(event) => {
            const typed = event.target.value.toUpperCase();
            if (/^[A-Z]{3}$/.test(typed)) onChange({ ...pack, currency: typed });
          }}
        />
      </FieldRow>
    </div>
  );
}
