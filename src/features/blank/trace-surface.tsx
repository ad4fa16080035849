'use client';

import { HOUSE } from '@/core/tokens';
import type { Photo } from '@/core/shop';
import type { PhotoPoint, Trace } from './use-trace';

interface TraceSurfaceProps {
  readonly photo: Photo;
  readonly trace: Trace;
}

/** The photo, as near as it was brought, with the points that were set on it. */
export function TraceSurface({ photo, trace }: TraceSurfaceProps) {
  const { scalePoints, corners, cursor, view } = trace;
  const { widthPx, heightPx, originPx } = photo;
  const [a, b] = scalePoints;
  // As large on the screen however near the photo is.
  const dot = view.width / 160;
  const points = [
    ...scalePoints.map((point) => [point, HOUSE.brass] as const),
    ...corners.map((point) => [point, HOUSE.verdigris] as const),
  ];
  return (
    <svg
      role="application"
      tabIndex={0}
      aria-label="Photo: click, or move with arrows (shift: finely) and press Enter, to set a point; plus and minus bring it nearer or farther, dragging moves it"
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      className="h-[calc(100vh-120px)] w-full cursor-crosshair touch-none border border-rule-strong bg-shade"
      {...trace.surfaceProps}
    >
      <image href={`/api/photos/${photo.sha}`} width={widthPx} height={heightPx} />
      <g fill="none" stroke={HOUSE.paper} strokeWidth={dot / 2}>
        {a && b && <path d={pathOf([a, b])} strokeDasharray={`${dot}`} />}
        {corners.length > 1 && <path d={`${pathOf(corners)}Z`} fill={HOUSE.verdigris} fillOpacity="0.33" />}
        {originPx && (
          <path
            d={`M${originPx.xPx} ${originPx.yPx + dot * 8}V${originPx.yPx}H${originPx.xPx + dot * 8}`}
            stroke={HOUSE.madder}
          />
        )}
        <path d={`M${cursor[0] - dot * 2} ${cursor[1]}h${dot * 4}M${cursor[0]} ${cursor[1] - dot * 2}v${dot * 4}`} />
      </g>
      {points.map(([[x, y], colour], i) => (
        <circle key={i} cx={x} cy={y} r={dot} fill={colour} stroke={HOUSE.paper} strokeWidth={dot / 4} />
      ))}
    </svg>
  );
}

function pathOf(points: readonly PhotoPoint[]): string {
  return `M${points.map(([x, y]) => `${x} ${y}`).join('L')}`;
}
