'use client';

import { useLengths, useRun } from '@/client';
import { ANCHORS, type MainPlace, changeBody, changeColour, changePlace } from '@/core/run';
import type { Anchor9 } from '@/core/run';
import type { LengthUnit } from '@/core/units';
import { Choice, LengthField } from '@/ui';
import { anchorWords } from './sentences';

const COLOURS = [
  { name: 'black', hex: '#26292e' },
  { name: 'navy', hex: '#24344f' },
  { name: 'burgundy', hex: '#5d2230' },
  { name: 'natural', hex: '#d9cdb4' },
  { name: 'white', hex: '#f4f2ec' },
];

/** Measures of the place first: they decide every size. Where it lies and the blank around it come after. */
export function BlankForm({ place: { blank, variant, measured } }: { readonly place: MainPlace }) {
  const { change } = useRun();
  const { unit, setUnit } = useLengths();
  const { outline, datum } = measured;
  const resize = (size: Partial<typeof outline>) =>
    change((spec) => changePlace(spec, (place) => ({ ...place, outline: { ...place.outline, ...size } })));
  const move = (to: Partial<typeof datum>) =>
    change((spec) => changePlace(spec, (place) => ({ ...place, datum: { ...place.datum, ...to } })));
  const reshape = (size: Partial<typeof variant.body>) =>
    change((spec) => changeBody(spec, { ...variant.body, ...size }));
  return (
    <section className="grid content-start gap-5 border-r border-rule-strong bg-paper p-5">
      <div>
        <h1 className="text-xl font-bold">{blank.name}</h1>
        <p className="text-soft">
          Measure it the way it will be seen. In doubt, take the place smaller, and stay 10–15 mm clear of seams and
          zips.
        </p>
      </div>
      <Choice
        label="Measured in"
        options={[
          { id: 'mm', label: 'millimetres' },
          { id: 'inch', label: 'inches, such as 7 1/16' },
        ]}
        value={unit}
        onChange={(id) => setUnit(id as LengthUnit)}
      />
      <div>
        <h2 className="heading-small mb-1">Place: {blank.places[0]?.name}</h2>
        <LengthField
          label="Width of the place"
          unit={unit}
          value={outline.widthMm}
          min={5}
          max={2000}
          onChange={(widthMm) => resize({ widthMm })}
        />
        <LengthField
          label="Height of the place"
          unit={unit}
          value={outline.heightMm}
          min={5}
          max={2000}
          onChange={(heightMm) => resize({ heightMm })}
        />
        <LengthField
          label="From the left edge"
          unit={unit}
          value={datum.leftMm}
          min={0}
          max={5000}
          onChange={(leftMm) => move({ leftMm })}
        />
        <LengthField
          label="From the top edge"
          unit={unit}
          value={datum.topMm}
          min={0}
          max={5000}
          onChange={(topMm) => move({ topMm })}
        />
      </div>
      <Choice
        label="Lettering held at"
        options={ANCHORS.map((id) => ({ id, label: anchorWords(id) }))}
        value={measured.anchor}
        onChange={(anchor) => change((spec) => changePlace(spec, (place) => ({ ...place, anchor: anchor as Anchor9 })))}
      />
      <div>
        <h2 className="heading-small mb-1">The blank itself</h2>
        <LengthField
          label="Width of the blank"
          unit={unit}
          value={variant.body.widthMm}
          min={20}
          max={5000}
          onChange={(widthMm) => reshape({ widthMm })}
        />
        <LengthField
          label="Height of the blank"
          unit={unit}
          value={variant.body.heightMm}
          min={20}
          max={5000}
          onChange={(heightMm) => reshape({ heightMm })}
        />
      </div>
      <Choice
        label="Its colour"
        options={COLOURS.map(({ name, hex }) => ({ id: name, label: name, swatch: hex }))}
        value={variant.colour.name}
        onChange={(name) =>
          change((spec) => changeColour(spec, COLOURS.find((colour) => colour.name === name) ?? variant.colour))
        }
      />
    </section>
  );
}
