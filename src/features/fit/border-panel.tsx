'use client';

import { randomBytes, useLengths, useRun } from '@/client';
import {
  type BorderLayer,
  type MainPlace,
  addBorder,
  bordersOf,
  changeBorder,
  dropBorder,
  mayAddBorder,
} from '@/core/edit';
import type { BorderMake } from '@/core/shop';
import { Button, Choice, LengthField, NumberField, TextButton } from '@/ui';

/** What shows around the letters, in films of its own. */
export function BorderPanel({ place }: { readonly place: MainPlace }) {
  const { change } = useRun();
  const { at, lettering } = place;
  const borders = bordersOf(lettering);
  return (
    <section className="grid gap-2">
      <h3 className="heading-small">Around the letters</h3>
      {borders.map((border) => (
        <BorderFields key={border.id} place={place} border={border} />
      ))}
      {mayAddBorder(lettering) && (
        <div>
          <Button onClick={() => change((now) => addBorder(now, at, randomBytes))}>
            {borders.length === 0 ? 'Add a border' : 'Another one below it'}
          </Button>
        </div>
      )}
    </section>
  );
}

const BY = [
  { id: 'mm', label: 'the same for all' },
  { id: 'height', label: 'grows with the letters' },
] as const;

function BorderFields({ place, border }: { readonly place: MainPlace; readonly border: BorderLayer }) {
  const { change } = useRun();
  const { unit } = useLengths();
  const { id, slot, make } = border;
  const { distance } = make;
  const refine = (part: Partial<BorderMake>) => change((now) => changeBorder(now, place.at, id, part));
  const turnTo = (by: string) => refine({ distance: by === 'mm' ? { by, mm: 1.5 } : { by: 'height', share: 0.06 } });
  return (
    <div className="grid gap-2 border-l-4 border-rule-strong pl-3">
      <p className="flex items-baseline justify-between gap-3">
        <b>{slot}</b>
        <TextButton onClick={() => change((now) => dropBorder(now, place.at, id))}>Take it away</TextButton>
      </p>
      <Choice label="How wide" options={BY} value={distance.by} onChange={turnTo} />
      {distance.by === 'mm' ? (
        <LengthField
          label="Beyond the letters"
          unit={unit}
          value={distance.mm}
          min={0.1}
          max={50}
          onChange={(mm) => refine({ distance: { by: 'mm', mm } })}
        />
      ) : (
        <NumberField
          label="Beyond the letters, of their height"
          unit="%"
          value={Math.round(distance.share * 1000) / 10}
          min={0.5}
          max={100}
          onChange={(percent) => refine({ distance: { by: 'height', share: percent / 100 } })}
        />
      )}
      <LengthField
        label="Fill what is narrower than"
        unit={unit}
        value={make.fillsUnderMm}
        min={0}
        max={20}
        onChange={(mm) => refine({ fillsUnderMm: mm })}
      />
    </div>
  );
}
