'use client';

import { useLetteringSample } from '@/client';
import type { Lettering } from '@/core/shop';

interface LetteringSampleProps {
  readonly lettering: Lettering;
  readonly text: string;
  readonly className: string;
}

/** A text as the lettering would be cut, by its real outline. */
export function LetteringSample({ lettering, text, className }: LetteringSampleProps) {
  const sample = useLetteringSample(lettering, text);
  if (!sample) return <span className={`block ${className}`} />;
  const { x, y, width, height } = sample.box;
  return (
    <svg
      role="img"
      aria-label={`“${text}” in ${lettering.name}`}
      viewBox={`${x} ${y} ${width} ${height}`}
      preserveAspectRatio="xMinYMid meet"
      className={`block max-w-full ${className}`}
    >
      <path d={sample.path} fillRule="evenodd" className="fill-ink" />
    </svg>
  );
}
