'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import type { TextRef, Wording } from '@/core/spec';
import { blanksOfUse } from '@/core/resolve';
import { Choice, NumberField, Tick } from '@/ui';

interface SpreadFormProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly wording: Wording;
  readonly onChange: (wording: Wording) => void;
}

/** The whole text on one item, or a letter to each blank with the blanks counted. */
export function SpreadForm({ at, wording, onChange }: SpreadFormProps) {
  const isSpread = wording.spread === 'letterPerBlank';
  return (
    <div className="grid gap-2">
      <Choice
        label="How it is spread"
        value={wording.spread}
        options={[
          { id: 'together', label: 'whole on each item' },
          { id: 'letterPerBlank', label: 'one letter to a blank' },
        ]}
        onChange={(spread) => onChange({ ...wording, spread: spread as Wording['spread'] })}
      />
      {isSpread && (
        <>
          <Tick
            checked={wording.spacesAreBlanks}
            onChange={(spacesAreBlanks) => onChange({ ...wording, spacesAreBlanks })}
          >
            a space is a blank left empty
          </Tick>
          <NumberField
            label="Blanks with a motif, each text"
            unit=""
            value={wording.motifBlanks}
            min={0}
            max={100}
            decimals={0}
            onChange={(motifBlanks) => onChange({ ...wording, motifBlanks: Math.round(motifBlanks) })}
          />
          <BlankCount at={at} />
        </>
      )}
    </div>
  );
}

function BlankCount({ at }: Pick<SpreadFormProps, 'at'>) {
  const { spec } = useRun();
  const { items, motifs, empty } = useMemo(() => blanksOfUse(spec, at.useId), [spec, at.useId]);
  return (
    <p>
      <b className="measure">{items + motifs + empty}</b> blanks: <span className="measure">{items}</span> letters,{' '}
      <span className="measure">{motifs}</span> with a motif, <span className="measure">{empty}</span> left empty.
    </p>
  );
}
