'use client';

import { useLengths } from '@/client';
import type { ShapeMake } from '@/core/edit';
import { FieldRow, LengthField, Select, optionsOf } from '@/ui';
import { BODY_WORDS, FIRST_HOLE, HOLE_WORDS } from './layer-words';

type BodyMake = Extract<ShapeMake, { kind: 'backing' | 'plate' }>;

interface BodyFieldsProps {
  readonly make: BodyMake;
  readonly onChange: (make: BodyMake) => void;
}

/** The shape of what lies under letters or around them, and a hole to hang it by. */
export function BodyFields({ make, onChange }: BodyFieldsProps) {
  const { unit } = useLengths();
  const { hole } = make;
  return (
    <>
      <FieldRow label="Shape">
        <Select options={optionsOf(BODY_WORDS)} value={make.body} onChange={(body) => onChange({ ...make, body })} />
      </FieldRow>
      <FieldRow label="Hole for a string">
        <Select
          options={optionsOf(HOLE_WORDS)}
          value={hole?.side ?? 'none'}
          onChange={(side) => onChange({ ...make, hole: side === 'none' ? null : { ...(hole ?? FIRST_HOLE), side } })}
        />
      </FieldRow>
      {hole && (
        <>
          <LengthField
            label="Across the hole"
            unit={unit}
            value={hole.diameterMm}
            min={1}
            max={50}
            onChange={(mm) => onChange({ ...make, hole: { ...hole, diameterMm: mm } })}
          />
          <LengthField
            label="From hole to edge and text"
            unit={unit}
            value={hole.edgeMm}
            min={1}
            max={50}
            onChange={(mm) => onChange({ ...make, hole: { ...hole, edgeMm: mm } })}
          />
        </>
      )}
    </>
  );
}
