'use client';

import { useRun, variantWords } from '@/client';
import type { BlankUse } from '@/core/spec';
import { type MainPlace, changeUse } from '@/core/edit';
import { chooseVariant } from '@/core/resolve';

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
        <select
          value={choice.kind === 'fixed' ? choice.variantId : 'list'}
          onChange={(event) =>
            set(
              event.target.value === 'list'
                ? { kind: 'byColumn', sizeField: has(columns, 'size'), colourField: has(columns, 'colour') }
                : { kind: 'fixed', variantId: event.target.value },
            )
          }
        >
          <option value="list">what the list says</option>
          {blank.variants.map((one) => (
            <option key={one.id} value={one.id}>
              all {variantWords(one)}
            </option>
          ))}
        </select>
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
        <select value={variant.id} onChange={(event) => setAt({ ...at, variantId: event.target.value })}>
          {blank.variants.map((one) => (
            <option key={one.id} value={one.id}>
              {variantWords(one)}
            </option>
          ))}
        </select>
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
      <select value={value ?? ''} onChange={(event) => onChange(event.target.value || null)}>
        <option value="">the same for all</option>
        {columns.map((column) => (
          <option key={column} value={column}>
            {column}
          </option>
        ))}
      </select>
    </label>
  );
}

function has(columns: readonly string[], name: string): string | null {
  return columns.includes(name) ? name : null;
}
