'use client';

import { type Lettering, withAlternate } from '@/core/shop';
import { AlternateFields } from './alternate-fields';
import { BendFields } from './bend-fields';
import { LineFields } from './line-fields';
import { MonogramFields } from './monogram-fields';

interface FormFieldsProps {
  readonly lettering: Lettering;
  /** As many as what is lettered has. */
  readonly numLines: number;
  /** A text to look at other letters of the face in; left out: they are not chosen here. */
  readonly text?: string;
  /** Letters to try forms with; none: no line is a monogram. */
  readonly initials: readonly string[];
  readonly onChange: (change: (lettering: Lettering) => Lettering) => void;
}

/** Lines, monogram and bend of a lettering. */
export function FormFields({ lettering, numLines, text, initials, onChange }: FormFieldsProps) {
  return (
    <>
      {numLines > 1 && <LineFields lettering={lettering} numLines={numLines} onChange={onChange} />}
      {initials.length > 0 && (
        <MonogramFields lettering={lettering} numLines={numLines} initials={initials} onChange={onChange} />
      )}
      {text !== undefined && (
        <AlternateFields
          lettering={lettering}
          text={text}
          onTake={(feature, isTaken) => onChange((now) => withAlternate(now, feature, isTaken))}
        />
      )}
      <BendFields bend={lettering.bend} onChange={(bend) => onChange((now) => withBend(now, bend))} />
    </>
  );
}

function withBend({ bend: _, ...lettering }: Lettering, bend: Lettering['bend']): Lettering {
  return bend ? { ...lettering, bend } : lettering;
}
