'use client';

import { useRun } from '@/client';
import { ANCHORS, type MainPlace, changeBody, changeColour, changePlace } from '@/core/run';
import type { Anchor9 } from '@/core/run';
import { Choice, NumberField } from '@/ui';
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
      <div>
        <h2 className="heading-small mb-1">Place: {blank.places[0]?.name}</h2>
        <NumberField
          label="Width of the place"
          unit="mm"
          value={outline.widthMm}
          min={5}
          max={2000}
          onChange={(widthMm) => resize({ widthMm })}
        />
        <NumberField
          label="Height of the place"
          unit="mm"
          value={outline.heightMm}
          min={5}
          max={2000}
          onChange={(heightMm) => resize({ heightMm })}
        />
        <NumberField
          label="From the left edge"
          unit="mm"
          value={datum.leftMm}
          min={0}
          max={5000}
          onChange={(leftMm) => move({ leftMm })}
        />
        <NumberField
          label="From the top edge"
          unit="mm"
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
        <NumberField
          label="Width of the blank"
          unit="mm"
          value={variant.body.widthMm}
          min={20}
          max={5000}
          onChange={(widthMm) => reshape({ widthMm })}
        />
        <NumberField
          label="Height of the blank"
          unit="mm"
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
