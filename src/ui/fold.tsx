'use client';

import { type ReactNode, useState } from 'react';

interface FoldProps {
  readonly summary: ReactNode;
  readonly className?: string;
  readonly summaryClassName?: string;
  readonly children: ReactNode;
}

/** What is folded away until it is asked for: before that nothing of it is drawn, however often what is around it changes. */
export function Fold({ summary, className, summaryClassName = '', children }: FoldProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className={className} onToggle={({ currentTarget: { open } }) => setOpen(open)}>
      <summary className={`cursor-pointer ${summaryClassName}`}>{summary}</summary>
      {isOpen && children}
    </details>
  );
}
