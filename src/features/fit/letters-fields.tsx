'use client';

import { randomBytes, useRun } from '@/client';
import { type MainPlace, changeLineWidth, letterColours, lettersAre, setApart, setLetters } from '@/core/edit';
import { FieldRow, Select, Tick, optionsOf } from '@/ui';
import { LETTERS_WORDS } from './layer-words';
import { PenField } from './pen-field';

/** How the letters of each colour come to be: cut, left open, drawn or marked. */
export function LettersFields({ place }: { readonly place: MainPlace }) {
  const colours = letterColours(place.lettering);
  const plate = place.lettering.layers.find(({ make }) => make.kind === 'plate');
  const shown = colours.length > 0 ? colours : plate ? [plate.slot] : [];
  return shown.map((slot, i) => <ColourFields key={slot} place={place} slot={slot} isFirst={i === 0} />);
}

interface ColourFieldsProps {
  readonly place: MainPlace;
  readonly slot: string;
  readonly isFirst: boolean;
}

function ColourFields({ place: { at, lettering }, slot, isFirst }: ColourFieldsProps) {
  const { change } = useRun();
  const layer = lettering.layers.find((one) => one.slot === slot);
  const tool = layer?.tool;
  return (
    <>
      <FieldRow label={isFirst ? 'The letters are' : `Letters in “${slot}” are`}>
        <Select
          options={optionsOf(LETTERS_WORDS)}
          value={lettersAre(lettering, slot)}
          onChange={(are) => change((now) => setLetters(now, at, { slot, are }, randomBytes))}
        />
      </FieldRow>
      {lettersAre(lettering, slot) === 'cut' && (
        <Tick
          checked={layer?.isApart ?? false}
          onChange={(isApart) => change((now) => setApart(now, at, { slot, isApart }))}
        >
          Each letter a piece of its own
        </Tick>
      )}
      {tool && (
        <PenField tool={tool} onChange={(lineMm) => change((now) => changeLineWidth(now, at, { slot, lineMm }))} />
      )}
    </>
  );
}
