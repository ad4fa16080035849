import type { MainPlace } from '@/core/edit';
import { placeGeometry } from '@/core/place';
import { BlankGround, type DrawnLayer, Ink, PlaceGround } from '@/drawing';

interface ItemDrawingProps {
  readonly place: MainPlace;
  /** What is cut is the item itself. */
  readonly isBare: boolean;
  /** Where they lie in the place. */
  readonly layers: readonly DrawnLayer[];
  readonly label: string;
  /** Beside another place of the same item there is less height. */
  readonly isSmall: boolean;
  /** The layer that the others give way to; null: none. */
  readonly lifted: string | null;
}

/** Cloth shown around the place, as a share of its width. */
const AROUND = 0.09;

/** The place on its cloth with the lettering in it, to scale. */
export function ItemDrawing(props: ItemDrawingProps) {
  const { place, isBare, layers, label, isSmall, lifted } = props;
  const { blank, measured, variant } = place;
  const geometry = placeGeometry(variant, measured);
  const { box, outline, clear } = geometry;
  const around = box.widthMm * AROUND;
  return (
    <svg
      role="img"
      aria-label={`${label} in its place`}
      viewBox={`${-around} ${-around} ${box.widthMm + 2 * around} ${box.heightMm + 2 * around}`}
      className={`w-full bg-paper ${isSmall ? 'max-h-[210px]' : 'max-h-[340px]'}`}
    >
      {!isBare && (
        <BlankGround
          kind={blank.kind}
          place={geometry}
          hex={variant.colour.hex}
          isRolledOut={measured.wrap?.kind === 'round'}
        />
      )}
      <PlaceGround outline={outline} clear={clear} lineWidth={box.widthMm / 360} />
      <Ink layers={layers} lifted={lifted} />
    </svg>
  );
}
