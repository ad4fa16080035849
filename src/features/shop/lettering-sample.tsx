'use client';

import { useLetteringSample } from '@/client';
import type { Lettering } from '@/core/shop';
import { SampleDrawing } from '@/drawing';

interface LetteringSampleProps {
  readonly lettering: Lettering;
  readonly text: string;
  readonly className: string;
}

/** A text as the lettering would be cut, by its real outline. */
export function LetteringSample({ lettering, text, className }: LetteringSampleProps) {
  const sample = useLetteringSample(lettering, text);
  if (!sample) return <span className={`block ${className}`} />;
  return (
    <SampleDrawing
      sample={sample}
      aria-label={`“${sample.text}” in ${lettering.name}`}
      className={`block max-w-full ${className}`}
    />
  );
}
