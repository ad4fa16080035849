'use client';

import { Checkbox, Field, Label } from '@headlessui/react';
import type { ReactNode } from 'react';

interface TickProps {
  readonly checked: boolean;
  readonly onChange: (isChecked: boolean) => void;
  readonly children: ReactNode;
  readonly className?: string;
}

/** A yes or no with its words. */
export function Tick({ checked, onChange, children, className = '' }: TickProps) {
  return (
    <Field className={`flex items-center gap-2.5 ${className}`}>
      <Checkbox
        checked={checked}
        onChange={onChange}
        className="grid size-6 shrink-0 place-items-center rounded-md border border-rule-strong bg-white data-checked:bg-ink"
      >
        <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
          {checked && <path d="M2 7.5 5.5 11 12 3" fill="none" stroke="#fff" strokeWidth="2" />}
        </svg>
      </Checkbox>
      <Label className="min-w-0 cursor-pointer">{children}</Label>
    </Field>
  );
}
