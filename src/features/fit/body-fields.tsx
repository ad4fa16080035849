'use client';

import { useLengths } from '@/client';
import type { ShapeMake } from '@/core/edit';
import type { StringHole } from '@/core/shop';
import { FieldRow, LengthField, Select, optionsOf } from '@/ui';
import { BackingFields } from './backing-fields';
import { BODY_WORDS, FIRST_HOLE, HOLE_WORDS } from './layer-words';

type BodyMake = Extract<ShapeMake, { kind: 'backing' | 'plate' }>;

interface BodyFieldsProps {
  readonly make: BodyMake;
  readonly onChange: (make: BodyMake) => void;
}

/** The shape of what lies under letters or around them, and a hole to hang it by. */
export function BodyFields({ make, onChange }: BodyFieldsProps) {
  return (
    <>
      {make.kind === 'backing' ? (
        <BackingFields make={make} onChange={onChange} />
      ) : (
        <FieldRow label="Shape">
          <Select options={optionsOf(BODY_WORDS)} value={make.body} onChange={(body) => onChange({ ...make, body })} />
        </FieldRow>
      )}
      <HoleFields hole={make.hole} onChange={(hole) => onChange({ ...make, hole })} />
    </>
  );
}

interface HoleFieldsProps {
  readonly hole: StringHole | null;
  readonly onChange: (hole: StringHole | null) => void;
}

function HoleFields({ hole, onChange }: HoleFieldsProps) {
  const { unit } = useLengths();
  return (
    <>
      <FieldRow label="Hole for a string">
        <Select
          options={optionsOf(HOLE_WORDS)}
          value={hole?.side ?? 'none'}
          onChange={(side) => onChange(side === 'none' ? null : { ...(hole ?? FIRST_HOLE), side })}
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
            onChange={(mm) => onChange({ ...hole, diameterMm: mm })}
          />
          <LengthField
            label="From hole to edge and text"
            unit={unit}
            value={hole.edgeMm}
            min={1}
            max={50}
            onChange={(mm) => onChange({ ...hole, edgeMm: mm })}
          />
        </>
      )}
    </>
  );
}
