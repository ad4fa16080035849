'use client';

import { HOUSE } from '@/core/tokens';
import { useLengths } from '@/client';
import { diameterAt, placeGeometry } from '@/core/place';
import { ClearZones, DimensionLine, type DrawnLayer, Ink, UsableRect, lineOn, ringPath } from '@/drawing';
import type { PlaceEdit } from './edit';

interface RoundDrawingProps {
  readonly edit: PlaceEdit;
  readonly ink: readonly DrawnLayer[];
}

/** The band of round goods rolled out flat, as it is cut and laid: a part of a ring when they taper. */
export function RoundDrawing({ edit: { variant, measured }, ink }: RoundDrawingProps) {
  const { exact: figure } = useLengths();
  const geometry = placeGeometry(variant, measured);
  const { outline, clear, box, shape } = geometry;
  const { wrap, datum } = measured;
  if (wrap?.kind !== 'round') return null;
  const textSize = Math.max(box.widthMm, box.heightMm * 1.4) / 26;
  const room = textSize * 3;
  const ground = lineOn(variant.colour.hex);
  return (
    <figure className="grid gap-1">
      <svg
        role="img"
        aria-label={`The place rolled out flat, ${figure(box.widthMm)} by ${figure(box.heightMm)}`}
        viewBox={`${-room} ${-room} ${box.widthMm + 2 * room} ${box.heightMm + 2 * room}`}
        className="max-h-[330px] w-full"
      >
        <path d={ringPath(outline)} fill={variant.colour.hex} stroke={HOUSE.ruleStrong} strokeWidth={textSize / 12} />
        <UsableRect geometry={geometry} colour={ground} lineWidth={textSize / 14} />
        <ClearZones zones={clear} lineWidth={textSize / 14} colour={ground} />
        <Ink layers={ink} />
        <DimensionLine
          from={[0, -room / 2]}
          to={[box.widthMm, -room / 2]}
          label={figure(box.widthMm)}
          textSize={textSize}
        />
        <DimensionLine
          from={[-room / 2, 0]}
          to={[-room / 2, box.heightMm]}
          label={figure(box.heightMm)}
          textSize={textSize}
        />
      </svg>
      <figcaption className="text-soft">
        Rolled out flat.{' '}
        {shape.kind === 'ringPart' ? (
          <>
            A part of a ring: radius <span className="measure">{figure(shape.innerRadiusMm)}</span> inside,{' '}
            <span className="measure">{figure(shape.outerRadiusMm)}</span> outside, over{' '}
            <span className="measure">{shape.sweepDeg.toFixed(1)}°</span>.
          </>
        ) : (
          <>
            Straight all the way: <span className="measure">{figure(diameterAt(wrap, datum.dropMm))}</span> across.
          </>
        )}
      </figcaption>
    </figure>
  );
}
