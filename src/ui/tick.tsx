'use client';

import { Checkbox, Field, Label } from '@headlessui/react';
import { Check } from 'lucide-react';
import { type ReactNode, useRef } from 'react';

interface TickBoxProps {
  readonly checked: boolean;
  /** `isRange`: with the shift key held, where several are ticked at once. */
  readonly onChange: (isChecked: boolean, isRange: boolean) => void;
  /** Its name, where no words stand beside it. */
  readonly 'aria-label'?: string;
  readonly className?: string;
}

/** A yes or no without words of its own. */
export function TickBox({ checked, onChange, className = '', ...rest }: TickBoxProps) {
  const isRange = useRef(false);
  return (
    <Checkbox
      {...rest}
      checked={checked}
      onClickCapture={(event) => (isRange.current = event.shiftKey)}
      onKeyDown={(event) => (isRange.current = event.shiftKey)}
      onChange={(isOn) => onChange(isOn, isRange.current)}
      className={`grid size-6 shrink-0 cursor-pointer place-items-center rounded-md border border-rule-strong bg-white data-checked:bg-ink ${className}`}
    >
      {checked && <Check size={16} strokeWidth={3} className="text-white" aria-hidden />}
    </Checkbox>
  );
}

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
      <TickBox checked={checked} onChange={onChange} />
      <Label className="min-w-0 cursor-pointer">{children}</Label>
    </Field>
  );
}
