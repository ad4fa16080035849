'use client';

import { Tick } from './tick';

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
        <Tick
          key={id}
          className="min-h-8"
          checked={value.includes(id)}
          onChange={(isOn) => onChange(isOn ? [...value, id] : value.filter((one) => one !== id))}
        >
          {words}
        </Tick>
      ))}
    </fieldset>
  );
}
