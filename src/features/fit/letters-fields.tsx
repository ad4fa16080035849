'use client';

import { randomBytes, useLengths, useRun } from '@/client';
import { type MainPlace, changeLineWidth, lettersAre, setLetters } from '@/core/edit';
import { FieldRow, LengthField, Select, optionsOf } from '@/ui';
import { LETTERS_WORDS } from './layer-words';

/** How the letters come to be: cut, left open, drawn or marked. */
export function LettersFields({ place: { at, lettering } }: { readonly place: MainPlace }) {
  const { change } = useRun();
  const { unit } = useLengths();
  const are = lettersAre(lettering);
  const tool = lettering.layers.find((layer) => layer.tool)?.tool;
  return (
    <>
      <FieldRow label="The letters are">
        <Select
          options={optionsOf(LETTERS_WORDS)}
          value={are}
          onChange={(next) => change((now) => setLetters(now, at, next, randomBytes))}
        />
      </FieldRow>
      {tool && (
        <LengthField
          label={tool.by === 'draw' ? 'As wide as the pen draws' : 'As wide as the mark is'}
          unit={unit}
          decimals={2}
          value={tool.lineMm}
          min={0.1}
          max={5}
          onChange={(mm) => change((now) => changeLineWidth(now, at, mm))}
        />
      )}
    </>
  );
}
