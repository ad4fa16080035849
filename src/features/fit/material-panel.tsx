'use client';

import { useRun } from '@/client';
import { type FinestCut, isCut, kindFacts, processFacts, processOf } from '@/core/shop';
import { type PlaceAt, type PlaceSlot, changeMaterial, changeMaterialValue } from '@/core/edit';
import { NumberField, Select } from '@/ui';

const FINEST: readonly (readonly [keyof FinestCut, string])[] = [
  ['strokeMm', 'Thinnest stroke it takes'],
  ['gapMm', 'Narrowest gap'],
  ['holeMm', 'Smallest hole'],
];

interface MaterialPanelProps {
  readonly at: PlaceAt;
  readonly slot: PlaceSlot;
  /** The only colour slot of its lettering. */
  readonly isOnly: boolean;
}

/** What the letters of one colour slot are cut from, how that lies on the bed, and how fine it may be cut. */
export function MaterialPanel({ at, slot: { slot, materialId, material }, isOnly }: MaterialPanelProps) {
  const { spec, change } = useRun();
  const { lies, hint, words } = kindFacts(material.kind);
  const process = processOf(material);
  const refine = (part: Partial<FinestCut>) =>
    change((now) =>
      changeMaterialValue(now, materialId, (value) => ({ ...value, finest: { ...value.finest, ...part } })),
    );
  return (
    <section className="grid gap-2">
      <label className="grid gap-1.5">
        <span className="heading-small">{isOnly ? 'Cut from' : `“${slot}” cut from`}</span>
        <span className="flex items-center gap-2">
          <span
            className="size-6 shrink-0 rounded-sm border border-rule-strong"
            style={{ background: material.colour.hex }}
            aria-hidden
          />
          <Select
            className="min-w-0 flex-1"
            options={spec.shop.materials.map(({ id, value }) => [id, value.name])}
            value={materialId}
            onChange={(id) => change((now) => changeMaterial(now, at, id, slot))}
          />
        </span>
      </label>
      <p className="text-soft">
        {words[0]!.toUpperCase() + words.slice(1)}: lies {lies};{' '}
        {!isCut(process) ? 'no pass cuts it' : processFacts(process).reversed ? 'cut reversed' : 'cut as it reads'}
        {hint && `; ${hint}`}.
      </p>
      {isCut(process) && (
        <details>
          <summary className="cursor-pointer">How fine it can be cut</summary>
          {FINEST.map(([part, label]) => (
            <NumberField
              key={part}
              label={label}
              unit="mm"
              decimals={2}
              value={material.finest[part]}
              min={0}
              max={20}
              onChange={(mm) => refine({ [part]: mm })}
            />
          ))}
          <p className="text-sm text-soft">Starting points. The maker’s sheet and your own trials win.</p>
        </details>
      )}
    </section>
  );
}
