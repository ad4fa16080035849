'use client';

import { useLengths } from '@/client';
import { type FinestCut, type Material, MATERIAL_KINDS, changeKind, kindFacts } from '@/core/shop';
import { Button, FieldRow, LengthField, MaybeNumber, Select } from '@/ui';
import { BoughtFields } from './bought-fields';
import { Words } from './words-field';

interface MaterialFieldsProps {
  readonly material: Material;
  readonly onChange: (change: (material: Material) => Material) => void;
}

const PATTERNS: readonly (readonly [NonNullable<Material['pattern']> | '', string])[] = [
  ['', 'any way, or it has none'],
  ['along', 'along the roll'],
  ['across', 'across the roll'],
];

const BOX = 'border border-rule-strong bg-paper p-5';

const FINEST: readonly (readonly [keyof FinestCut, string])[] = [
  ['strokeMm', 'Thinnest stroke it takes'],
  ['gapMm', 'Narrowest gap'],
  ['holeMm', 'Smallest hole'],
];

/** What it is, how fine it is cut, how it is bought and loaded. */
export function MaterialFields({ material, onChange }: MaterialFieldsProps) {
  const { unit } = useLengths();
  const { words, lies, hint, finest: usual } = kindFacts(material.kind);
  const set = (part: Partial<Material>) => onChange((now) => ({ ...now, ...part }));
  const isUsual = FINEST.every(([part]) => material.finest[part] === usual[part]);
  return (
    <div className="grid items-start gap-5 p-6 lg:max-w-[1180px] lg:grid-cols-2">
      <section className={BOX}>
        <h2 className="heading-small mb-1">What it is</h2>
        <Words label="Name" value={material.name} most={120} isNeeded onChange={(name) => set({ name })} />
        <FieldRow label="Kind">
          <Select
            options={MATERIAL_KINDS.map((id) => [id, kindFacts(id).words])}
            value={material.kind}
            onChange={(kind) => onChange((now) => changeKind(now, kind))}
          />
        </FieldRow>
        <Words
          label="Colour, in words"
          value={material.colour.name}
          most={120}
          isNeeded
          onChange={(name) => set({ colour: { ...material.colour, name } })}
        />
        <FieldRow label="Colour">
          <input
            type="color"
            value={material.colour.hex}
            onChange={(event) => set({ colour: { ...material.colour, hex: event.target.value } })}
          />
        </FieldRow>
        <FieldRow label="Its pattern runs">
          <Select
            options={PATTERNS}
            value={material.pattern ?? ''}
            onChange={(way) => onChange(({ pattern: _, ...now }) => (way === '' ? now : { ...now, pattern: way }))}
          />
        </FieldRow>
        <p className="text-soft">
          {words[0]!.toUpperCase() + words.slice(1)}: lies {lies}
          {hint && `; ${hint}`}.
        </p>
      </section>
      <section className={BOX}>
        <h2 className="heading-small mb-1">How fine it can be cut</h2>
        {FINEST.map(([part, label]) => (
          <LengthField
            key={part}
            label={label}
            unit={unit}
            decimals={2}
            value={material.finest[part]}
            min={0}
            max={20}
            onChange={(mm) => set({ finest: { ...material.finest, [part]: mm } })}
          />
        ))}
        {!isUsual && <Button onClick={() => set({ finest: usual })}>As usual for {words}</Button>}
        <p className="text-sm text-soft">Starting points. The maker’s sheet and your own trials win.</p>
        <h2 className="heading-small mt-4 mb-1">At the cutter</h2>
        <Words
          label="Blade setting, in your own words"
          value={material.blade}
          most={80}
          onChange={(blade) => set({ blade })}
        />
        <Words label="Note" value={material.note} most={400} onChange={(note) => set({ note })} />
      </section>
      <section className={BOX}>
        <h2 className="heading-small mb-1">As it is bought</h2>
        <BoughtFields bought={material.bought} onChange={(bought) => set({ bought })} />
        <MaybeNumber
          label="Price of it"
          start={0}
          unit={material.currency}
          decimals={2}
          value={material.priceCents === null ? null : material.priceCents / 100}
          min={0}
          max={1_000_000}
          onChange={(price) => set({ priceCents: price === null ? null : Math.round(price * 100) })}
        />
      </section>
    </div>
  );
}
