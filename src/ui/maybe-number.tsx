'use client';

import type { ReactNode } from 'react';
import type { HeatUnit } from '@/core/units';
import { HeatField, NumberField } from './number-field';
import { TextButton } from './text-button';

interface MaybeProps {
  readonly label: string;
  /** Null: nobody has said it; that is shown, and never as a nought. */
  readonly value: number | null;
  /** What typing begins with. */
  readonly start: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number | null) => void;
}

interface MaybeNumberProps extends MaybeProps {
  readonly unit: string;
  readonly decimals?: number;
}

/** A number that may be unknown. */
export function MaybeNumber({ unit, decimals, ...rest }: MaybeNumberProps) {
  return (
    <Maybe {...rest}>
      {(field) => <NumberField {...field} unit={unit} {...(decimals === undefined ? {} : { decimals })} />}
    </Maybe>
  );
}

/** Degrees that may be unknown; Celsius, shown in the unit of the station. */
export function MaybeHeat({ unit, ...rest }: MaybeProps & { readonly unit: HeatUnit }) {
  return <Maybe {...rest}>{(field) => <HeatField {...field} unit={unit} />}</Maybe>;
}

type Said = Omit<MaybeProps, 'value' | 'start'> & { readonly value: number };

function Maybe({ value, start, children, ...rest }: MaybeProps & { readonly children: (field: Said) => ReactNode }) {
  const { label, onChange } = rest;
  if (value === null) {
    return (
      <p className="flex min-h-9 items-center justify-between gap-3 py-1">
        <span>{label}</span>
        <span className="flex items-center gap-3">
          <span className="text-soft">not known</span>
          <TextButton aria-label={`Type it: ${label}`} onClick={() => onChange(start)}>
            type it
          </TextButton>
        </span>
      </p>
    );
  }
  return (
    <div>
      {children({ ...rest, value })}
      <p className="text-right text-sm">
        <TextButton aria-label={`Not known: ${label}`} onClick={() => onChange(null)}>
          not known
        </TextButton>
      </p>
    </div>
  );
}
