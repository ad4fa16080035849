'use client';

interface TicksProps {
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly value: readonly string[];
  readonly onChange: (ids: readonly string[]) => void;
}

/** Several alternatives of which any number holds. */
export function Ticks({ label, options, value, onChange }: TicksProps) {
  return (
    <fieldset>
      <legend className="heading-small mb-1">{label}</legend>
      {options.map(({ id, label: words }) => (
        <label key={id} className="flex min-h-7 items-center gap-2">
          <input
            type="checkbox"
            checked={value.includes(id)}
            onChange={(event) => onChange(event.target.checked ? [...value, id] : value.filter((one) => one !== id))}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
