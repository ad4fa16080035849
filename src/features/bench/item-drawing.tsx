import { inkTransform, ringPath } from '@/client';
import { inkInPlace, placeGeometry } from '@/core/place';
import type { MainPlace } from '@/core/edit';
import type { ItemShape } from './use-item-shape';

interface ItemDrawingProps {
  readonly place: MainPlace;
  readonly shape: ItemShape | null;
  readonly film: string;
  readonly label: string;
  /** Beside another place of the same item there is less height. */
  readonly isSmall: boolean;
}

/** Cloth shown around the place, as a share of its width. */
const AROUND = 0.09;

/** The place on its cloth with the lettering in it, to scale. */
export function ItemDrawing({ place: { measured, variant }, shape, film, label, isSmall }: ItemDrawingProps) {
  const { box, outline, clear } = placeGeometry(variant, measured);
  const around = box.widthMm * AROUND;
  const line = box.widthMm / 360;
  const spot = shape && {
    ...inkInPlace(variant, measured, shape.widthMm, shape.heightMm),
    inkWidthMm: shape.widthMm,
    inkHeightMm: shape.heightMm,
  };
  return (
    <svg
      role="img"
      aria-label={`${label} in its place`}
      viewBox={`${-around} ${-around} ${box.widthMm + 2 * around} ${box.heightMm + 2 * around}`}
      className={`w-full ${isSmall ? 'max-h-[210px]' : 'max-h-[340px]'}`}
      style={{ background: variant.colour.hex }}
    >
      <path
        d={ringPath(outline)}
        fill="none"
        stroke="#8d8776"
        strokeWidth={line}
        strokeDasharray={`${line * 6} ${line * 4}`}
      />
      {clear.map((zone) => (
        <path key={ringPath(zone)} d={ringPath(zone)} fill="#8d877655" stroke="#8d8776" strokeWidth={line} />
      ))}
      {shape && spot && (
        <path d={shape.path} fill={film} fillRule="evenodd" transform={inkTransform(spot, shape.scale)} />
      )}
    </svg>
  );
}
