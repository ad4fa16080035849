'use client';

import { useLengths, useRun } from '@/client';
import { type MainPlace, type ShapeLayer, type ShapeMake, changeLayer, changeUnder, dropLayer } from '@/core/edit';
import type { Reach } from '@/core/shop';
import { Choice, FieldRow, LengthField, NumberField, Select, TextButton, optionsOf, withOwn } from '@/ui';
import { BodyFields } from './body-fields';
import { FIRST_REACH, FIRST_UNDER, HOW_FAR_WORDS, REACH_WORDS, TOWARD_WORDS, UNDER_WORDS } from './layer-words';

interface LayerFieldsProps {
  readonly place: MainPlace;
  readonly layer: ShapeLayer;
}

/** How one layer is made from the letters. */
export function LayerFields({ place, layer }: LayerFieldsProps) {
  const { change } = useRun();
  const { id, slot, make } = layer;
  const refine = (next: ShapeMake) => change((now) => changeLayer(now, place.at, id, next));
  return (
    <div role="group" aria-label={slot} className="grid gap-2 border-l-4 border-rule-strong pl-3">
      <p className="flex items-baseline justify-between gap-3">
        <b>{slot}</b>
        {make.kind !== 'plate' && (
          <TextButton onClick={() => change((now) => dropLayer(now, place.at, id))}>Take it away</TextButton>
        )}
      </p>
      <ReachFields make={make} onChange={refine} />
      <OwnFields make={make} onChange={refine} />
      {make.kind !== 'inside' && <UnderFields place={place} layer={layer} />}
    </div>
  );
}

interface MakeFieldsProps {
  readonly make: ShapeMake;
  readonly onChange: (make: ShapeMake) => void;
}

function ReachFields({ make, onChange }: MakeFieldsProps) {
  const { unit } = useLengths();
  const { distance } = make;
  const isPlace = make.kind === 'backing' && make.body === 'place';
  const label = isPlace ? 'Letters keep off its edge' : REACH_WORDS[make.kind];
  const reach = (next: Reach) => onChange({ ...make, distance: next });
  return (
    <>
      {!isPlace && (
        <Choice
          label="How far"
          options={HOW_FAR_WORDS}
          value={distance.by}
          onChange={(by) => reach(FIRST_REACH[by as Reach['by']])}
        />
      )}
      {distance.by === 'mm' ? (
        <LengthField
          label={label}
          unit={unit}
          value={distance.mm}
          min={0.1}
          max={50}
          onChange={(mm) => reach({ by: 'mm', mm })}
        />
      ) : (
        <NumberField
          label={`${label}, of their height`}
          unit="%"
          value={Math.round(distance.share * 1000) / 10}
          min={0.5}
          max={100}
          onChange={(percent) => reach({ by: 'height', share: percent / 100 })}
        />
      )}
    </>
  );
}

/** What only its kind has. */
function OwnFields({ make, onChange }: MakeFieldsProps) {
  const { unit } = useLengths();
  switch (make.kind) {
    case 'border':
      return (
        <LengthField
          label="Fill what is narrower than"
          unit={unit}
          value={make.fillsUnderMm}
          min={0}
          max={20}
          onChange={(mm) => onChange({ ...make, fillsUnderMm: mm })}
        />
      );
    case 'inside':
      return (
        <LengthField
          label="As wide as (0: all within)"
          unit={unit}
          value={make.lineMm ?? 0}
          min={0}
          max={20}
          onChange={(mm) => onChange({ ...make, lineMm: mm < 0.1 ? null : mm })}
        />
      );
    case 'castEdge':
      return (
        <FieldRow label="Cast">
          <Select
            options={withOwn(TOWARD_WORDS, String(make.towardDeg))}
            value={String(make.towardDeg)}
            onChange={(deg) => onChange({ ...make, towardDeg: Number(deg) })}
          />
        </FieldRow>
      );
    default:
      return <BodyFields make={make} onChange={onChange} />;
  }
}

/** What becomes of it below what lies on it. */
function UnderFields({ place, layer: { id, under } }: LayerFieldsProps) {
  const { change } = useRun();
  const { unit } = useLengths();
  return (
    <>
      <FieldRow label="Under what lies on it">
        <Select
          options={optionsOf(UNDER_WORDS)}
          value={under?.kind ?? 'whole'}
          onChange={(kind) =>
            change((now) => changeUnder(now, place.at, id, kind === 'whole' ? null : FIRST_UNDER[kind]))
          }
        />
      </FieldRow>
      {under && (
        <LengthField
          label={under.kind === 'trap' ? 'Rim below its edge' : 'Gap around it'}
          unit={unit}
          decimals={2}
          value={under.mm}
          min={under.kind === 'trap' ? 0.1 : 0}
          max={under.kind === 'trap' ? 20 : 5}
          onChange={(mm) => change((now) => changeUnder(now, place.at, id, { ...under, mm }))}
        />
      )}
    </>
  );
}
