'use client';

import { useLengths } from '@/client';
import { type Shape, type ShapeBox, shapeBox } from '@/core/shop';
import { assertNever } from '@/core/outcome';
import { FieldRow, LengthField, NumberField, optionsOf, Select } from '@/ui';
import { CornerFields } from './corner-fields';
import { SHAPE_WORDS } from './sentences';

interface ShapeFieldsProps {
  /** What the fields speak of: `place`, or the name of a clear zone. */
  readonly what: string;
  readonly shape: Shape;
  /** Only width and height: round goods are rolled out, whatever was drawn before. */
  readonly isBox?: boolean;
  readonly onChange: (shape: Shape) => void;
}

/** An outline by its measures. Another kind of shape starts from the size that the present one has. */
export function ShapeFields({ what, shape, isBox = false, onChange }: ShapeFieldsProps) {
  if (isBox) return <Measures what={what} shape={{ kind: 'rect', ...shapeBox(shape) }} onChange={onChange} />;
  return (
    <div>
      <FieldRow label="Shape">
        <Select
          options={optionsOf(SHAPE_WORDS)}
          value={shape.kind}
          aria-label={`Shape of the ${what}`}
          onChange={(kind) => onChange(shapeOfKind(kind, shapeBox(shape)))}
        />
      </FieldRow>
      <Measures what={what} shape={shape} onChange={onChange} />
    </div>
  );
}

function Measures({ what, shape, onChange }: ShapeFieldsProps) {
  const { unit } = useLengths();
  const length = (label: string, mm: number, change: (mm: number) => Shape, min = 1) => (
    <LengthField
      key={label}
      label={label}
      unit={unit}
      value={mm}
      min={min}
      max={5000}
      onChange={(next) => onChange(change(next))}
    />
  );
  switch (shape.kind) {
    case 'rect':
    case 'ellipse':
    case 'roundedRect':
      return (
        <>
          {length(`Width of the ${what}`, shape.widthMm, (widthMm) => ({ ...shape, widthMm }))}
          {length(`Height of the ${what}`, shape.heightMm, (heightMm) => ({ ...shape, heightMm }))}
          {shape.kind === 'roundedRect' &&
            length('Radius of the corners', shape.radiusMm, (radiusMm) => ({ ...shape, radiusMm }), 0)}
        </>
      );
    case 'taper':
      return (
        <>
          {length('Width at the top', shape.topWidthMm, (topWidthMm) => ({ ...shape, topWidthMm }))}
          {length('Width at the bottom', shape.bottomWidthMm, (bottomWidthMm) => ({ ...shape, bottomWidthMm }))}
          {length(`Height of the ${what}`, shape.heightMm, (heightMm) => ({ ...shape, heightMm }))}
        </>
      );
    case 'ringPart':
      return (
        <>
          {length('Outer radius', shape.outerRadiusMm, (outerRadiusMm) => ({ ...shape, outerRadiusMm }))}
          {length('Inner radius', shape.innerRadiusMm, (innerRadiusMm) => ({ ...shape, innerRadiusMm }), 0)}
          <NumberField
            label="Sweep"
            unit="°"
            value={shape.sweepDeg}
            min={1}
            max={360}
            onChange={(sweepDeg) => onChange({ ...shape, sweepDeg })}
          />
          <FieldRow label="Longer edge">
            <Select
              options={[
                ['top', 'at the top'],
                ['bottom', 'at the bottom'],
              ]}
              value={shape.outerAt}
              onChange={(outerAt) => onChange({ ...shape, outerAt })}
            />
          </FieldRow>
        </>
      );
    case 'polygon':
      return (
        <CornerFields what={what} corners={shape.corners} onChange={(corners) => onChange({ ...shape, corners })} />
      );
    default:
      return assertNever(shape);
  }
}

function shapeOfKind(kind: Shape['kind'], { widthMm, heightMm }: ShapeBox): Shape {
  switch (kind) {
    case 'rect':
    case 'ellipse':
      return { kind, widthMm, heightMm };
    case 'roundedRect':
      return { kind, widthMm, heightMm, radiusMm: Math.round(Math.min(widthMm, heightMm) / 6) };
    case 'taper':
      return { kind, topWidthMm: widthMm, bottomWidthMm: Math.round(widthMm * 0.75), heightMm };
    case 'ringPart':
      return {
        kind,
        outerRadiusMm: Math.round(widthMm * 1.5),
        innerRadiusMm: Math.max(1, Math.round(widthMm * 1.5 - heightMm * 0.8)),
        // The chord of the outer edge is the width: 2 · 1.5 w · sin(s/2) = w.
        sweepDeg: Math.round((2 * Math.asin(1 / 3) * 180) / Math.PI),
        outerAt: 'top',
      };
    case 'polygon':
      return {
        kind,
        corners: [
          [0, 0],
          [widthMm, 0],
          [widthMm, heightMm],
          [0, heightMm],
        ],
      };
    default:
      return assertNever(kind);
  }
}
