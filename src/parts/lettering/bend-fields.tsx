'use client';

import { type Bend, BEND_WAYS, FIRST_BEND } from '@/core/shop';
import { WAY_WORDS } from '@/core/sentences';
import { Choice, FieldRow, NumberField, Select } from '@/ui';

interface BendFieldsProps {
  readonly bend: Bend | undefined;
  readonly onChange: (bend: Bend | undefined) => void;
}

const STRAIGHT = 'straight';
const BY = [
  ['radius', 'one circle for all'],
  ['rise', 'a rise, of the width'],
  ['around', 'how much of a circle it takes'],
  ['place', 'the curve of its place'],
] as const;
const FIRST_CURVE = {
  radius: FIRST_BEND.curve,
  rise: { by: 'rise', share: 0.15 },
  around: { by: 'around', degrees: 360 },
  place: { by: 'place' },
} as const;
const LETTERS = [
  ['bent', 'bent with it'],
  ['turned', 'turned, each as drawn'],
] as const;

/** Straight, an arch or a dip, and how much of one. */
export function BendFields({ bend, onChange }: BendFieldsProps) {
  return (
    <section className="grid gap-2">
      <Choice
        label="The lines run"
        options={[
          { id: STRAIGHT, label: 'straight' },
          ...BEND_WAYS.map((way) => ({ id: way, label: `as ${WAY_WORDS[way]}` })),
        ]}
        value={bend?.way ?? STRAIGHT}
        onChange={(id) => {
          const way = BEND_WAYS.find((one) => one === id);
          onChange(way && { ...(bend ?? FIRST_BEND), way });
        }}
      />
      {bend && (
        <>
          <FieldRow label="By">
            <Select
              options={BY}
              value={bend.curve.by}
              onChange={(by) => onChange({ ...bend, curve: FIRST_CURVE[by] })}
            />
          </FieldRow>
          <CurveField bend={bend} onChange={onChange} />
          <FieldRow label="Letters that stand apart are">
            <Select options={LETTERS} value={bend.letters} onChange={(letters) => onChange({ ...bend, letters })} />
          </FieldRow>
        </>
      )}
    </section>
  );
}

function CurveField({ bend, onChange }: { readonly bend: Bend; readonly onChange: (bend: Bend) => void }) {
  const { curve } = bend;
  if (curve.by === 'place')
    return (
      <p className="text-soft">
        Level on goods that taper, whichever way that is; straight in a place without a curve.
      </p>
    );
  const setCurve = (next: Bend['curve']) => onChange({ ...bend, curve: next });
  switch (curve.by) {
    case 'rise':
      return (
        <NumberField
          label="Rise, of the width"
          unit="%"
          value={curve.share * 100}
          min={1}
          max={50}
          onChange={(percent) => setCurve({ by: 'rise', share: percent / 100 })}
        />
      );
    case 'around':
      return (
        <NumberField
          label="Of the circle"
          unit="°"
          value={curve.degrees}
          min={60}
          max={360}
          onChange={(degrees) => setCurve({ by: 'around', degrees })}
        />
      );
    case 'radius':
      return (
        <NumberField
          label="Radius, in heights of capitals"
          unit="×"
          value={curve.capitals}
          min={1.5}
          max={200}
          onChange={(capitals) => setCurve({ by: 'radius', capitals })}
        />
      );
  }
}
