'use client';

import { FieldRow, HeldInput } from '@/ui';

interface WordsProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  /** Left empty, what was there stays. */
  readonly isNeeded?: boolean;
  readonly onChange: (value: string) => void;
}

/** A line of one's own words. */
export function Words({ label, value, most, isNeeded = false, onChange }: WordsProps) {
  return (
    <FieldRow label={label}>
      <HeldInput
        className="w-64"
        value={value}
        maxLength={most}
        onText={(typed) => (typed.trim() !== '' || !isNeeded) && onChange(typed)}
      />
    </FieldRow>
  );
}
