'use client';

import { randomBytes, useRun } from '@/client';
import { type MainPlace, changeMotif, changeMotifPart, changeMotifSpot, motifSlotName } from '@/core/edit';
import type { Motif } from '@/core/shop';
import { MOTIF_SPOTS, type MotifUse } from '@/core/spec';
import { MotifDrawing } from '@/drawing';
import { FieldRow, NumberField, Select, optionsOf } from '@/ui';
import { LEFT_OUT, SPOT_WORDS, hasGap, shareWords } from './motif-words';

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
      <NumberField
        label={shareWords(use.spot)}
        unit="%"
        value={Math.round(use.share * 100)}
        min={10}
        max={use.spot === 'around' ? 100 : 1200}
        onChange={(percent) => change((now) => changeMotif(now, at, { share: percent / 100 }))}
      />
      {hasGap(use.spot) && (
        <NumberField
          label="Clear of the text, of the same"
          unit="%"
          value={Math.round(use.gapShare * 100)}
          min={0}
          max={300}
          onChange={(percent) => change((now) => changeMotif(now, at, { gapShare: percent / 100 }))}
        />
      )}
      {motif.parts.map((_, part) => (
        <PartField key={part} place={place} use={use} part={part} motif={motif} />
      ))}
    </div>
  );
}

/** A part in a colour that there is, in one of its own, or left out. */
function PartField({ place, use, part, motif }: MotifFieldsProps & { readonly part: number }) {
  const { change } = useRun();
  const own = use.layers.find((layer) => layer.part === part)?.slot;
  const known = [...new Set([...place.slots.map(({ slot }) => slot), motifSlotName(part)])];
  return (
    <label className="flex items-center gap-2">
      <MotifDrawing
        motif={motif}
        hexOf={(one) => (one === part ? 'currentColor' : null)}
        className="h-8 w-12 shrink-0 bg-shade p-0.5"
      />
      <span>cut in</span>
      <Select
        aria-label={`Part ${part + 1} is cut in`}
        className="min-w-0 flex-1"
        options={[...known.map((slot) => [slot, `“${slot}”`] as const), [LEFT_OUT, 'nothing: left out']]}
        value={own ?? LEFT_OUT}
        onChange={(slot) =>
          change((now) => changeMotifPart(now, place.at, { part, slot: slot === LEFT_OUT ? null : slot }, randomBytes))
        }
      />
    </label>
  );
}
