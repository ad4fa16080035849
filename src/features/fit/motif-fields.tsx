'use client';

import { useLengths, useRun } from '@/client';
import { type MainPlace, changeMotif, changeMotifHeight, changeMotifSpot, mayBeOwnHeight } from '@/core/edit';
import type { Motif } from '@/core/shop';
import { MOTIF_SPOTS, type MotifUse } from '@/core/spec';
import { MotifDrawing } from '@/drawing';
import { Choice, FieldRow, LengthField, NumberField, Select, optionsOf } from '@/ui';
import { MotifPartField } from './motif-part-field';
import { FIRST_HEIGHT_MM, SIZE_WORDS, SPOT_WORDS, hasGap, shareWords } from './motif-words';

interface MotifFieldsProps {
  readonly place: MainPlace;
  readonly use: MotifUse;
  readonly motif: Motif;
}

/** Where it stands, how large, and what each of its parts is cut in. */
export function MotifFields({ place, use, motif }: MotifFieldsProps) {
  const { change } = useRun();
  const { at, slots } = place;
  const filmOf = (part: number) => {
    const own = use.layers.find((layer) => layer.part === part);
    return slots.find(({ slot }) => slot === own?.slot)?.material.colour.hex ?? null;
  };
  return (
    <div className="grid gap-2 border-l-4 border-rule-strong pl-3">
      <p className="flex items-center gap-3">
        <span className="p-1.5" style={{ background: place.variant.colour.hex }}>
          <MotifDrawing motif={motif} hexOf={filmOf} className="h-12 max-w-28" />
        </span>
        <b>{motif.name}</b>
      </p>
      <FieldRow label="Stands">
        <Select
          options={optionsOf(SPOT_WORDS, MOTIF_SPOTS)}
          value={use.spot}
          onChange={(spot) => change((now) => changeMotifSpot(now, at, spot))}
        />
      </FieldRow>
      <SizeFields place={place} use={use} />
      {hasGap(use.spot) && (
        <NumberField
          label="Clear of the text, of capitals"
          unit="%"
          value={Math.round(use.gapShare * 100)}
          min={0}
          max={300}
          onChange={(percent) => change((now) => changeMotif(now, at, { gapShare: percent / 100 }))}
        />
      )}
      {motif.parts.map((_, part) => (
        <MotifPartField key={part} place={place} use={use} part={part} motif={motif} />
      ))}
    </div>
  );
}

/** A share of the text's height, or a height of its own where its spot lets it have one. */
function SizeFields({ place: { at }, use: { spot, share, heightMm } }: Pick<MotifFieldsProps, 'place' | 'use'>) {
  const { change } = useRun();
  const { unit } = useLengths();
  return (
    <>
      {mayBeOwnHeight(spot) && (
        <Choice
          label="Its size"
          options={SIZE_WORDS}
          value={heightMm === undefined ? 'text' : 'own'}
          onChange={(by) => change((now) => changeMotifHeight(now, at, by === 'own' ? FIRST_HEIGHT_MM : null))}
        />
      )}
      {heightMm === undefined ? (
        <NumberField
          label={shareWords(spot)}
          unit="%"
          value={Math.round(share * 100)}
          min={10}
          max={spot === 'around' ? 100 : 1200}
          onChange={(percent) => change((now) => changeMotif(now, at, { share: percent / 100 }))}
        />
      ) : (
        <LengthField
          label="Its height"
          unit={unit}
          value={heightMm}
          min={1}
          max={2000}
          onChange={(mm) => change((now) => changeMotifHeight(now, at, mm))}
        />
      )}
    </>
  );
}
