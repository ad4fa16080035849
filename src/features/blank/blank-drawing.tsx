'use client';

import { HOUSE } from '@/core/tokens';
import { useRef } from 'react';
import { useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import { BlankForm, ClearZones, DimensionLines, type DrawnLayer, Ink, UsableRect, lineOn, ringPath } from '@/drawing';
import { blankView } from './blank-dimensions';
import type { PlaceEdit } from './edit';
import { useDragPlace } from './use-drag-place';

interface BlankDrawingProps {
  readonly edit: PlaceEdit;
  readonly ink: readonly DrawnLayer[];
}

/** The blank to scale, as a workshop drawing: its place can be pulled, and every figure follows. */
export function BlankDrawing({ edit, ink }: BlankDrawingProps) {
  const { variant, measured, role } = edit;
  const { kind } = edit.blank;
  const { exact: figure, unit } = useLengths();
  const svg = useRef<SVGSVGElement>(null);
  const { gripProps, box } = useDragPlace(edit, svg);
  const geometry = placeGeometry(variant, measured);
  const { body, leftMm, topMm, outline, clear, window } = geometry;
  const { view, textSize, dimensions } = blankView(kind, variant, measured, figure);
  const thin = textSize / 12;
  const ground = variant.colour.hex;
  const lines = lineOn(ground);
  return (
    <svg
      ref={svg}
      role="group"
      aria-label={`The blank, ${figure(body.widthMm)} by ${figure(body.heightMm)}, with the place ${role.name}, ${figure(box.widthMm)} by ${figure(box.heightMm)}`}
      viewBox={`${view.left} ${view.top} ${view.right - view.left} ${view.bottom - view.top}`}
      className="max-h-[540px] w-full touch-none"
    >
      <BlankForm kind={kind} body={body} hex={ground} />
      {measured.datum.lineMm > 0 && (
        <path
          d={`M0 ${measured.datum.lineMm}H${body.widthMm}`}
          stroke={lines}
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
              stroke={lines}
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
          stroke={lines}
          strokeWidth={thin * 1.4}
          strokeDasharray={`${textSize / 2} ${textSize / 3}`}
          className="cursor-move focus:outline-2 focus:outline-verdigris"
          {...gripProps('move')}
        />
        <ClearZones zones={clear} lineWidth={thin} colour={lines} />
        <UsableRect geometry={geometry} colour={lines} lineWidth={thin} />
        <Ink layers={ink} />
        <rect
          x={box.widthMm - textSize / 2}
          y={box.heightMm - textSize / 2}
          width={textSize}
          height={textSize}
          fill={HOUSE.paper}
          stroke={HOUSE.ink}
          strokeWidth={thin}
          className="cursor-nwse-resize"
          {...gripProps('resize')}
        />
      </g>
      <DimensionLines dimensions={dimensions} textSize={textSize} />
    </svg>
  );
}
