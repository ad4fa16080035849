import type { Anchor9, MeasuredPlace } from '../run';

/** A rectangle that lettering may fill; frame of the place: origin at its top left corner, y down, millimetres. */
export interface UsableArea {
  readonly widthMm: number;
  readonly heightMm: number;
}

export function usableArea(place: MeasuredPlace): UsableArea {
  const { widthMm, heightMm } = place.outline;
  return { widthMm, heightMm };
}

const FRACTIONS: Record<Anchor9, readonly [number, number]> = {
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

/** Top left corner of a box of ink that is held at `anchor`: measured to the ink, as a ruler on the item would. */
export function anchorInArea(
  area: UsableArea,
  anchor: Anchor9,
  inkWidthMm: number,
  inkHeightMm: number,
): { readonly xMm: number; readonly yMm: number } {
  const [right, down] = FRACTIONS[anchor];
  return { xMm: (area.widthMm - inkWidthMm) * right, yMm: (area.heightMm - inkHeightMm) * down };
}
