'use client';

import { useLengths } from '@/client';
import { MOST_CORNERS, type Shape } from '@/core/shop';
import { LengthField, TextButton } from '@/ui';

type Corners = Extract<Shape, { kind: 'polygon' }>['corners'];

interface CornerFieldsProps {
  readonly what: string;
  readonly corners: Corners;
  readonly onChange: (corners: Corners) => void;
}

/** The corners of a polygon in order round it, each by its distance from one and the same point. */
export function CornerFields({ what, corners, onChange }: CornerFieldsProps) {
  const { unit } = useLengths();
  const move = (at: number, axis: 0 | 1, mm: number) =>
    onChange(corners.map((corner, i) => (i !== at ? corner : axis === 0 ? [mm, corner[1]] : [corner[0], mm])));
  const add = (after: number) => {
    const [x1, y1] = corners[after]!;
    const [x2, y2] = corners[(after + 1) % corners.length]!;
    const middle = [Math.round((x1 + x2) / 2), Math.round((y1 + y2) / 2)] as const;
    onChange([...corners.slice(0, after + 1), middle, ...corners.slice(after + 1)]);
  };
  return (
    <div role="group" aria-label={`Corners of the ${what}`}>
      <p className="text-soft">Corners in order round it; across and down from any one point.</p>
      {corners.map(([x, y], i) => (
        <div key={i} className="border-t border-rule py-0.5">
          <LengthField
            label={`${i + 1} across`}
            unit={unit}
            value={x}
            min={-5000}
            max={5000}
            onChange={(mm) => move(i, 0, mm)}
          />
          <LengthField
            label={`${i + 1} down`}
            unit={unit}
            value={y}
            min={-5000}
            max={5000}
            onChange={(mm) => move(i, 1, mm)}
          />
          <span className="flex justify-end gap-2 text-sm">
            {corners.length < MOST_CORNERS && <TextButton onClick={() => add(i)}>one more after {i + 1}</TextButton>}
            {corners.length > 3 && (
              <TextButton onClick={() => onChange(corners.filter((_, k) => k !== i))}>leave {i + 1} out</TextButton>
            )}
          </span>
        </div>
      ))}
    </div>
  );
}
