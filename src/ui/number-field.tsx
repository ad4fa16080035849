'use client';

import { Field, Input, Label } from '@headlessui/react';
import { useState } from 'react';

interface NumberFieldProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly decimals?: number;
  readonly onChange: (value: number) => void;
}

/** Accepts a comma as well as a point. Null: not a number. */
function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** A measure that is typed. What cannot be used stays in the field, says why, and changes nothing. */
export function NumberField({ label, unit, value, min, max, decimals = 1, onChange }: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? String(Number(value.toFixed(decimals)));
  const read = readNumber(shown);
  const problem =
    read === null
      ? 'not a number'
      : read < min
        ? `at least ${min} ${unit}`
        : read > max
          ? `at most ${max} ${unit}`
          : null;
  const change = (text: string) => {
    setTyped(text);
    const next = readNumber(text);
    if (next !== null && next >= min && next <= max && next !== value) onChange(next);
  };
  return (
    <Field className="flex items-center justify-between gap-3 py-1">
      <Label className="min-w-0">{label}</Label>
      <span className="flex items-center gap-1.5">
        {problem && <span className="text-sm text-madder">{problem}</span>}
        <Input
          className="measure w-24 text-right"
          inputMode="decimal"
          value={shown}
          aria-invalid={problem !== null}
          onChange={(event) => change(event.target.value)}
          onBlur={() => problem === null && setTyped(null)}
        />
        <span className="measure w-7 text-sm text-soft">{unit}</span>
      </span>
    </Field>
  );
}
