'use client';

import { useAlternates } from '@/client';
import { type Lettering, styleOf } from '@/core/shop';
import { alternateWords } from '@/core/sentences';
import { SampleDrawing } from '@/drawing';
import { Tick } from '@/ui';

interface AlternateFieldsProps {
  readonly lettering: Lettering;
  /** A text in which they are looked at. */
  readonly text: string;
  readonly onTake: (feature: string, isTaken: boolean) => void;
}

/** Other letters that the face has, drawn in a text; nothing where it has none for it. */
export function AlternateFields({ lettering, text, onTake }: AlternateFieldsProps) {
  const alternates = useAlternates(lettering, text);
  const { features } = styleOf(lettering, 0);
  if (alternates.length === 0) return null;
  return (
    <section className="grid gap-1.5">
      <h2 className="heading-small">Other letters of this face</h2>
      {alternates.map(({ feature, name, sample }) => (
        <div key={feature} className="grid gap-1 border-t border-rule pt-1.5">
          <Tick checked={features.includes(feature)} onChange={(isTaken) => onTake(feature, isTaken)}>
            {alternateWords(feature, name)}
          </Tick>
          {sample && <SampleDrawing sample={sample} className="block h-8 max-w-full" />}
        </div>
      ))}
    </section>
  );
}
