'use client';

import { Label, Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';

export interface ChoiceOption {
  readonly id: string;
  readonly label: ReactNode;
  /** A colour to show before the label. */
  readonly swatch?: string;
}

interface ChoiceProps {
  readonly label: string;
  readonly options: readonly ChoiceOption[];
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** A few alternatives that all stay in sight, one of them taken. */
export function Choice({ label, options, value, onChange }: ChoiceProps) {
  return (
    <RadioGroup value={value} onChange={onChange}>
      <Label className="heading-small mb-1.5 block">{label}</Label>
      <div className="flex flex-wrap gap-1.5">
        {options.map(({ id, label: text, swatch }) => (
          <Radio
            key={id}
            value={id}
            className="flex min-h-8 cursor-pointer items-center gap-2 rounded-md border border-rule-strong bg-white px-2.5 py-1 data-checked:border-ink data-checked:bg-ink data-checked:text-white data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-verdigris"
          >
            {swatch && (
              <span
                className="size-3.5 rounded-sm border border-rule-strong"
                style={{ background: swatch }}
                aria-hidden
              />
            )}
            {text}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}
