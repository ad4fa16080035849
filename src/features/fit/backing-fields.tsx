'use client';

import { useLengths } from '@/client';
import type { ShapeMake } from '@/core/edit';
import type { Backing, Fold, Reach, Sewing } from '@/core/shop';
import { FieldRow, LengthField, Select, Tick, optionsOf } from '@/ui';
import { BACKING_WORDS, FIRST_SEWING, FOLD_WORDS } from './layer-words';

type BackingMake = Extract<ShapeMake, { kind: 'backing' }>;

interface BackingFieldsProps {
  readonly make: BackingMake;
  readonly onChange: (make: BackingMake) => void;
}

/** The shape of a backing, where it is folded, and the holes that it is sewn on by. */
export function BackingFields({ make, onChange }: BackingFieldsProps) {
  const { fold: _, sewing: __, ...plain } = make;
  const change = (body: Backing, fold: Fold | undefined, sewing: Sewing | undefined) =>
    onChange({
      ...plain,
      distance: distanceIn(body, plain.distance),
      body,
      ...(fold && body === 'place' ? { fold } : {}),
      ...(sewing ? { sewing } : {}),
    });
  const { body, fold, sewing } = make;
  return (
    <>
      <FieldRow label="Shape">
        <Select options={optionsOf(BACKING_WORDS)} value={body} onChange={(next) => change(next, fold, sewing)} />
      </FieldRow>
      {body === 'place' && (
        <FieldRow label="Folded">
          <Select
            options={optionsOf(FOLD_WORDS)}
            value={fold ?? 'none'}
            onChange={(next) => change(body, next === 'none' ? undefined : next, sewing)}
          />
        </FieldRow>
      )}
      <Tick checked={sewing !== undefined} onChange={(isSewn) => change(body, fold, isSewn ? FIRST_SEWING : undefined)}>
        Holes to sew it on by
      </Tick>
      {sewing && <SewingFields sewing={sewing} onChange={(next) => change(body, fold, next)} />}
    </>
  );
}

/** What is as large as its place keeps letters off its edge by millimetres. */
function distanceIn(body: Backing, distance: Reach): Reach {
  return body === 'place' && distance.by === 'height' ? { by: 'mm', mm: 5 } : distance;
}

interface SewingFieldsProps {
  readonly sewing: Sewing;
  readonly onChange: (sewing: Sewing) => void;
}

function SewingFields({ sewing, onChange }: SewingFieldsProps) {
  const { unit } = useLengths();
  return (
    <>
      <LengthField
        label="From its edge"
        unit={unit}
        value={sewing.insetMm}
        min={0.5}
        max={50}
        onChange={(mm) => onChange({ ...sewing, insetMm: mm })}
      />
      <LengthField
        label="From hole to hole"
        unit={unit}
        value={sewing.pitchMm}
        min={1}
        max={100}
        onChange={(mm) => onChange({ ...sewing, pitchMm: mm })}
      />
      <LengthField
        label="Across each"
        unit={unit}
        value={sewing.diameterMm}
        min={0.3}
        max={10}
        onChange={(mm) => onChange({ ...sewing, diameterMm: mm })}
      />
    </>
  );
}
