'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import type { TextRef, Wording } from '@/core/spec';
import { proofRows, spreadLetters } from '@/core/wording';
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
          <BlankCount at={at} wording={wording} />
        </>
      )}
    </div>
  );
}

function BlankCount({ at, wording }: Omit<SpreadFormProps, 'onChange'>) {
  const { spec } = useRun();
  const { letters, spaces, motifs } = useMemo(() => {
    const sum = { letters: 0, spaces: 0, motifs: 0 };
    for (const { at: row, worded, entry } of proofRows(spec)) {
      if (row.useId !== at.useId || row.placeId !== at.placeId || !worded) continue;
      const spread = spreadLetters(worded.lines.map(({ text }) => text).join(' '));
      sum.letters += spread.letters.length * entry.quantity;
      sum.spaces += wording.spacesAreBlanks ? spread.numSpaces * entry.quantity : 0;
      sum.motifs += wording.motifBlanks * entry.quantity;
    }
    return sum;
  }, [spec, at.useId, at.placeId, wording]);
  return (
    <p>
      <b className="measure">{letters + spaces + motifs}</b> blanks: <span className="measure">{letters}</span> letters,{' '}
      <span className="measure">{motifs}</span> with a motif, <span className="measure">{spaces}</span> left empty.
    </p>
  );
}
