'use client';

import { useLengths } from '@/client';
import { type Suggestion, suggestionsFor } from '@/core/place';
import { type MeasuredPlace, shapeBox } from '@/core/shop';
import { Button } from '@/ui';
import type { PlaceEdit } from './edit';
import { suggestionWords } from './sentences';
import { useChangePlace } from './use-change-place';

const MEASURE_WORDS = { width: 'Width', drop: 'Drop' } as const;

/** What such a place usually measures, and why. Taken with one press, or typed over. */
export function Suggestions({ edit }: { readonly edit: PlaceEdit }) {
  const { exact } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const { blank, variant, role, measured } = edit;
  const open = suggestionsFor(blank, variant, role, measured).filter(({ isMet }) => !isMet);
  if (open.length === 0) return null;
  return (
    <section className="grid gap-2" aria-label="Usual measures">
      <h2 className="heading-small">Usual measures</h2>
      {open.map((suggestion) => (
        <div
          key={`${suggestion.measure}-${suggestion.reason}`}
          className="border-l-4 border-note bg-note-tint px-3 py-1.5"
        >
          <p>
            {MEASURE_WORDS[suggestion.measure]} <b className="measure">{exact(suggestion.mm)}</b>:{' '}
            {suggestionWords(suggestion, exact)}.
          </p>
          <Button onClick={() => changePlace(taken(suggestion, measured))}>Take {exact(suggestion.mm)}</Button>
        </div>
      ))}
    </section>
  );
}

/** The middle stays where it is when the width changes. */
function taken({ measure, mm }: Suggestion, { outline, datum }: MeasuredPlace): Partial<MeasuredPlace> {
  if (measure === 'drop') return { datum: { ...datum, dropMm: mm } };
  const { widthMm, heightMm } = shapeBox(outline);
  const leftMm = Math.max(0, datum.leftMm + (widthMm - mm) / 2);
  const isWidthTyped = outline.kind === 'rect' || outline.kind === 'roundedRect' || outline.kind === 'ellipse';
  return {
    outline: isWidthTyped ? { ...outline, widthMm: mm } : { kind: 'rect', widthMm: mm, heightMm },
    datum: { ...datum, leftMm },
  };
}
