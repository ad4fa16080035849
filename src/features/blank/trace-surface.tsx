'use client';

import { HOUSE } from '@/core/tokens';
import { useState } from 'react';
import { useLengths } from '@/client';
import { MOST_CORNERS, type Photo } from '@/core/shop';
import { Button, Choice, LengthField } from '@/ui';
import type { PlaceEdit } from './edit';
import { useChangePlace } from './use-change-place';
import { type PhotoPoint, type TraceStep, useTrace } from './use-trace';

/** The photo with the points on it, and what they measure. */
export function TraceSurface({ edit, photo }: { readonly edit: PlaceEdit; readonly photo: Photo }) {
  const { unit, exact } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const trace = useTrace(photo);
  const [knownMm, setKnownMm] = useState(100);
  const { scalePoints, corners, step, cursor } = trace;
  const { widthPx, heightPx, mmPerPx } = photo;
  const [a, b] = scalePoints;
  const distancePx = a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0;
  const dot = widthPx / 130;
  const setScale = () => {
    edit.changeBlank((blank) =>
      blank.photo ? { ...blank, photo: { ...blank.photo, mmPerPx: knownMm / distancePx } } : blank,
    );
    trace.setStep('corners');
  };
  const takeOutline = () => {
    if (mmPerPx === null) return;
    const rounded = (px: number) => Math.round(px * mmPerPx * 10) / 10;
    changePlace({ outline: { kind: 'polygon', corners: corners.map(([x, y]) => [rounded(x), rounded(y)] as const) } });
  };
  return (
    <div className="grid gap-2">
      <Choice
        label="Next point is for"
        options={[
          { id: 'scale', label: 'the scale' },
          { id: 'corners', label: 'a corner' },
        ]}
        value={step}
        onChange={(id) => trace.setStep(id as TraceStep)}
      />
      <svg
        role="application"
        tabIndex={0}
        aria-label="Photo: click, or move with arrows (shift: finely) and press Enter, to set a point"
        viewBox={`0 0 ${widthPx} ${heightPx}`}
        className="w-full cursor-crosshair border border-rule-strong"
        {...trace.surfaceProps}
      >
        <image href={`/api/photos/${photo.sha}`} width={widthPx} height={heightPx} />
        <g fill="none" stroke={HOUSE.paper} strokeWidth={dot / 2}>
          {a && b && <path d={pathOf([a, b])} strokeDasharray={`${dot}`} />}
          {corners.length > 1 && <path d={`${pathOf(corners)}Z`} fill={HOUSE.verdigris} fillOpacity="0.33" />}
          <path d={`M${cursor[0] - dot * 2} ${cursor[1]}h${dot * 4}M${cursor[0]} ${cursor[1] - dot * 2}v${dot * 4}`} />
        </g>
        {[...scalePoints, ...corners].map(([x, y], i) => (
          <circle
            key={i}
            cx={x}
            cy={y}
            r={dot}
            fill={i < scalePoints.length ? HOUSE.brass : HOUSE.verdigris}
            stroke={HOUSE.paper}
            strokeWidth={dot / 4}
          />
        ))}
      </svg>
      {step === 'scale' && (
        <>
          <LengthField
            label="Distance of the two points"
            unit={unit}
            value={knownMm}
            min={5}
            max={5000}
            onChange={setKnownMm}
          />
          <span>
            <Button disabled={distancePx < 10} onClick={setScale}>
              That is the scale
            </Button>
          </span>
        </>
      )}
      <p className="text-soft">
        {mmPerPx === null
          ? 'First the scale: two points, and how far apart they are.'
          : `The photo shows ${exact(Math.round(widthPx * mmPerPx))} by ${exact(Math.round(heightPx * mmPerPx))}. ${corners.length} ${corners.length === 1 ? 'corner' : 'corners'} set.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={trace.takeBack} disabled={(step === 'scale' ? scalePoints : corners).length === 0}>
          Last point back
        </Button>
        {step === 'corners' && (
          <Button
            weight="main"
            disabled={mmPerPx === null || corners.length < 3 || corners.length > MOST_CORNERS}
            onClick={takeOutline}
          >
            Take as the outline
          </Button>
        )}
      </div>
    </div>
  );
}

function pathOf(points: readonly PhotoPoint[]): string {
  return `M${points.map(([x, y]) => `${x} ${y}`).join('L')}`;
}
