import type { ReactNode } from 'react';

interface FieldRowProps {
  readonly label: string;
  /** The field itself; the label is its name. */
  readonly children: ReactNode;
}

/** A field with its label on the left, as rows of a form stand one below the other. */
export function FieldRow({ label, children }: FieldRowProps) {
  return (
    <label className="flex items-center justify-between gap-3 py-1 [&>select]:min-w-0">
      <span className="min-w-0">{label}</span>
      {children}
    </label>
  );
}
