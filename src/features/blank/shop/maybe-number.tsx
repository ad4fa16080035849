'use client';

import { NumberField, TextButton } from '@/ui';

interface MaybeNumberProps {
  readonly label: string;
  readonly unit: string;
  /** Null: nobody has said it; that is shown, and never as a nought. */
  readonly value: number | null;
  /** What typing begins with. */
  readonly start: number;
  readonly decimals?: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number | null) => void;
}

/** A number that may be unknown. */
export function MaybeNumber({ value, start, onChange, ...rest }: MaybeNumberProps) {
  if (value === null) {
    return (
      <p className="flex min-h-9 items-center justify-between gap-3 py-1">
        <span>{rest.label}</span>
        <span className="flex items-center gap-3">
          <span className="text-soft">not known</span>
          <TextButton aria-label={`Type it: ${rest.label}`} onClick={() => onChange(start)}>
            type it
          </TextButton>
        </span>
      </p>
    );
  }
  return (
    <div>
      <NumberField value={value} onChange={onChange} {...rest} />
      <p className="text-right text-sm">
        <TextButton aria-label={`Not known: ${rest.label}`} onClick={() => onChange(null)}>
          not known
        </TextButton>
      </p>
    </div>
  );
}
