import { anchorInArea, usableArea } from '@/core/place';
import type { MainPlace } from '@/core/run';
import type { ItemShape } from './use-item-shape';

interface ItemDrawingProps {
  readonly place: MainPlace;
  readonly shape: ItemShape | null;
  readonly film: string;
  readonly label: string;
}

/** Cloth shown around the place, as a share of its width. */
const AROUND = 0.09;

/** The place on its cloth with the lettering in it, to scale. */
export function ItemDrawing({ place: { measured, variant }, shape, film, label }: ItemDrawingProps) {
  const { widthMm, heightMm } = measured.outline;
  const around = widthMm * AROUND;
  const spot = shape ? anchorInArea(usableArea(measured), measured.anchor, shape.widthMm, shape.heightMm) : null;
  return (
    <svg
      role="img"
      aria-label={`${label} in its place`}
      viewBox={`${-around} ${-around} ${widthMm + 2 * around} ${heightMm + 2 * around}`}
      className="max-h-[340px] w-full"
      style={{ background: variant.colour.hex }}
    >
      <rect
        width={widthMm}
        height={heightMm}
        fill="none"
        stroke="#8d8776"
        strokeWidth={widthMm / 360}
        strokeDasharray={`${widthMm / 60} ${widthMm / 90}`}
      />
      {shape && spot && (
        <path
          d={shape.path}
          fill={film}
          fillRule="evenodd"
          transform={`translate(${spot.xMm} ${spot.yMm}) scale(${shape.scale})`}
        />
      )}
    </svg>
  );
}
