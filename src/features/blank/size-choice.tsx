'use client';

import { useRun, variantWords } from '@/client';
import type { BlankUse } from '@/core/spec';
import { type MainPlace, changeUse } from '@/core/edit';
import { chooseVariant } from '@/core/resolve';
import { Select } from '@/ui';

/** Which size and colour the entries get, and which of them is measured. */
export function SizeChoice({ place }: { readonly place: MainPlace }) {
  const { spec, change, setAt } = useRun();
  const { use, blank, variant, at } = place;
  if (blank.variants.length === 1) return null;
  const columns = [...new Set(spec.entries.flatMap(({ fields }) => Object.keys(fields)))].filter(
    (one) => one !== 'text',
  );
  const set = (next: BlankUse['variant']) =>
    change((now) => changeUse(now, use.id, (one) => ({ ...one, variant: next })));
  const choice = use.variant;
  const numMissing = spec.entries.filter((entry) => !entry.withdrawn && !chooseVariant(spec, use, entry).ok).length;
  return (
    <div className="flex flex-wrap items-end gap-4">
      <label className="grid gap-1">
        <span className="heading-small">Entries get</span>
        <Select
          options={[
            ['list', 'what the list says'],
            ...blank.variants.map((one) => [one.id, `all ${variantWords(one)}`] as const),
          ]}
          value={choice.kind === 'fixed' ? choice.variantId : 'list'}
          onChange={(id) =>
            set(
              id === 'list'
                ? { kind: 'byColumn', sizeField: has(columns, 'size'), colourField: has(columns, 'colour') }
                : { kind: 'fixed', variantId: id },
            )
          }
        />
      </label>
      {choice.kind === 'byColumn' && (
        <>
          <ColumnChoice
            label="Size column"
            columns={columns}
            value={choice.sizeField}
            onChange={(sizeField) => set({ ...choice, sizeField })}
          />
          <ColumnChoice
            label="Colour column"
            columns={columns}
            value={choice.colourField}
            onChange={(colourField) => set({ ...choice, colourField })}
          />
        </>
      )}
      <label className="grid gap-1">
        <span className="heading-small">Measured here</span>
        <Select
          options={blank.variants.map((one) => [one.id, variantWords(one)])}
          value={variant.id}
          onChange={(variantId) => setAt({ ...at, variantId })}
        />
      </label>
      {numMissing > 0 && (
        <p className="border-l-4 border-madder bg-madder-tint px-3 py-1.5">
          {numMissing} {numMissing === 1 ? 'entry asks' : 'entries ask'} for a size or colour that this blank does not
          come in: they stand first on Fit.
        </p>
      )}
    </div>
  );
}

interface ColumnChoiceProps {
  readonly label: string;
  readonly columns: readonly string[];
  readonly value: string | null;
  readonly onChange: (column: string | null) => void;
}

function ColumnChoice({ label, columns, value, onChange }: ColumnChoiceProps) {
  return (
    <label className="grid gap-1">
      <span className="heading-small">{label}</span>
      <Select
        options={[['', 'the same for all'], ...columns.map((column) => [column, column] as const)]}
        value={value ?? ''}
        onChange={(column) => onChange(column || null)}
      />
    </label>
  );
}

function has(columns: readonly string[], name: string): string | null {
  return columns.includes(name) ? name : null;
}
