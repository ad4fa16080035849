import type { Anchor9, MeasuredPlace, Variant } from '../shop';
import type { PlaceRect } from './inscribed-rect';
import { placeGeometry } from './place-geometry';

/** Quarter turns of the reading direction, clockwise. */
export type ReadingDeg = MeasuredPlace['readingDeg'];

const NO_ROOM: PlaceRect = { xMm: 0, yMm: 0, widthMm: 0, heightMm: 0 };

/** The upright rectangle that lettering may fill, in the frame of the place; of no size when there is no room. */
export function usableArea(variant: Variant, place: MeasuredPlace): PlaceRect {
  return placeGeometry(variant, place).usable ?? NO_ROOM;
}

/** Its size as the reader has it: turned with the reading direction. */
export function readingSize(area: PlaceRect, readingDeg: ReadingDeg): { widthMm: number; heightMm: number } {
  const { widthMm, heightMm } = area;
  return isAside(readingDeg) ? { widthMm: heightMm, heightMm: widthMm } : { widthMm, heightMm };
}

function isAside(readingDeg: ReadingDeg): boolean {
  return readingDeg === 90 || readingDeg === 270;
}

/** Each anchor as a share of the way from left to right and from top to bottom. */
export const FRACTIONS: Record<Anchor9, readonly [number, number]> = {
  topLeft: [0, 0],
  top: [0.5, 0],
  topRight: [1, 0],
  left: [0, 0.5],
  centre: [0.5, 0.5],
  right: [1, 0.5],
  bottomLeft: [0, 1],
  bottom: [0.5, 1],
  bottomRight: [1, 1],
};

/** Ink on its place: the box that it covers there, in the frame of the place. */
export interface InkBox extends PlaceRect {
  readonly turnDeg: ReadingDeg;
}

/**
 * Where ink of this size (as it reads) comes to lie: turned with the reading direction and held at the anchor, measured to
 * the ink, as a ruler on the item would.
 */
export function inkInPlace(variant: Variant, place: MeasuredPlace, inkWidthMm: number, inkHeightMm: number): InkBox {
  const area = usableArea(variant, place);
  const [right, down] = FRACTIONS[place.anchor];
  const turned = isAside(place.readingDeg);
  const [widthMm, heightMm] = turned ? [inkHeightMm, inkWidthMm] : [inkWidthMm, inkHeightMm];
  return {
    xMm: area.xMm + (area.widthMm - widthMm) * right,
    yMm: area.yMm + (area.heightMm - heightMm) * down,
    widthMm,
    heightMm,
    turnDeg: place.readingDeg,
  };
}

/** Where the ink's own top left corner lands when its box is turned in place: the first step of every drawing of it. */
export function turnedOrigin({ xMm, yMm, widthMm, heightMm, turnDeg }: InkBox): readonly [number, number] {
  switch (turnDeg) {
    case 90:
      return [xMm + widthMm, yMm];
    case 180:
      return [xMm + widthMm, yMm + heightMm];
    case 270:
      return [xMm, yMm + heightMm];
    default:
      return [xMm, yMm];
  }
}
