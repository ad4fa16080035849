'use client';

import { useRef } from 'react';
import { inkTransform, ringPath, useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import { DimensionLine } from '@/ui';
import type { DrawnInk } from './drawn-ink';
import type { PlaceEdit } from './edit';
import { lineOn } from './line-on';
import { UsableRect } from './usable-rect';
import { PlaceDimensions } from './place-dimensions';
import { useDragPlace } from './use-drag-place';

interface BlankDrawingProps {
  readonly edit: PlaceEdit;
  /** Null where there is no text to draw, as in the shop. */
  readonly ink: DrawnInk | null;
}

/** The blank to scale, as a workshop drawing: its place can be pulled, and every figure follows. */
export function BlankDrawing({ edit, ink }: BlankDrawingProps) {
  const { variant, measured, role } = edit;
  const { exact: figure, unit } = useLengths();
  const svg = useRef<SVGSVGElement>(null);
  const { gripProps, box } = useDragPlace(edit, svg);
  const geometry = placeGeometry(variant, measured);
  const { body, leftMm, topMm, outline, clear, window } = geometry;
  const textSize = Math.max(body.widthMm, body.heightMm) / 34;
  const room = textSize * 3.2;
  const thin = textSize / 12;
  const ground = variant.colour.hex;
  const ink2 = lineOn(ground);
  return (
    <svg
      ref={svg}
      role="group"
      aria-label={`The blank, ${figure(body.widthMm)} by ${figure(body.heightMm)}, with the place ${role.name}, ${figure(box.widthMm)} by ${figure(box.heightMm)}`}
      viewBox={`${-room} ${-room} ${body.widthMm + 2 * room} ${body.heightMm + 2 * room}`}
      className="max-h-[500px] w-full touch-none"
    >
      <rect width={body.widthMm} height={body.heightMm} fill={ground} />
      {measured.datum.lineMm > 0 && (
        <path
          d={`M0 ${measured.datum.lineMm}H${body.widthMm}`}
          stroke={ink2}
          strokeWidth={thin}
          strokeDasharray={`${textSize} ${textSize / 3} ${thin * 2} ${textSize / 3}`}
        />
      )}
      <g transform={`translate(${leftMm} ${topMm})`}>
        {window && (
          <>
            <title>what rounds off lies outside the two lines</title>
            <path
              d={`M${window.fromMm} ${-textSize}V${box.heightMm + textSize}M${window.toMm} ${-textSize}V${box.heightMm + textSize}`}
              stroke={ink2}
              strokeWidth={thin}
              strokeDasharray={`${textSize / 3}`}
            />
          </>
        )}
        <path
          d={ringPath(outline)}
          tabIndex={0}
          role="group"
          aria-roledescription="place on the blank"
          aria-label={`Place ${role.name}: arrows move it by ${unit === 'inch' ? '1/16 in' : '1 mm'}, with shift they change its size`}
          fill="transparent"
          stroke={ink2}
          strokeWidth={thin * 1.4}
          strokeDasharray={`${textSize / 2} ${textSize / 3}`}
          className="cursor-move focus:outline-2 focus:outline-verdigris"
          {...gripProps('move')}
        />
        {clear.map((zone, i) => (
          <path key={i} d={ringPath(zone)} fill={`${ink2}44`} stroke={ink2} strokeWidth={thin} pointerEvents="none" />
        ))}
        <UsableRect geometry={geometry} colour={ink2} lineWidth={thin} />
        {ink && (
          <path
            d={ink.path}
            fill={ink.film}
            fillRule="evenodd"
            transform={inkTransform(ink.fit, ink.scale)}
            pointerEvents="none"
          />
        )}
        <rect
          x={box.widthMm - textSize / 2}
          y={box.heightMm - textSize / 2}
          width={textSize}
          height={textSize}
          fill="#fbf8f0"
          stroke="#1f2529"
          strokeWidth={thin}
          className="cursor-nwse-resize"
          {...gripProps('resize')}
        />
      </g>
      <DimensionLine
        from={[0, -room / 2]}
        to={[body.widthMm, -room / 2]}
        label={figure(body.widthMm)}
        textSize={textSize}
      />
      <DimensionLine
        from={[-room / 2, 0]}
        to={[-room / 2, body.heightMm]}
        label={figure(body.heightMm)}
        textSize={textSize}
      />
      <PlaceDimensions edit={edit} textSize={textSize} colour={ink2} />
    </svg>
  );
}
