import type { MeasuredPlace, Variant } from '../run';
import { anchorInArea, usableArea } from './usable-area';

/** Distances from ink to the blank's own edges: where a ruler is laid to place it. */
export interface InkOnBlank {
  readonly leftMm: number;
  readonly rightMm: number;
  readonly topMm: number;
  readonly bottomMm: number;
}

/** For ink of this size, held at the place's anchor. */
export function inkOnBlank(
  { body }: Variant,
  place: MeasuredPlace,
  inkWidthMm: number,
  inkHeightMm: number,
): InkOnBlank {
  const { xMm, yMm } = anchorInArea(usableArea(place), place.anchor, inkWidthMm, inkHeightMm);
  const leftMm = place.datum.leftMm + xMm;
  const topMm = place.datum.topMm + yMm;
  return {
    leftMm,
    topMm,
    rightMm: body.widthMm - leftMm - inkWidthMm,
    bottomMm: body.heightMm - topMm - inkHeightMm,
  };
}

/** How far a place reaches over the blank's right and lower edge; zero where it does not. */
export function placeOverhang(
  { body }: Variant,
  { outline, datum }: MeasuredPlace,
): { readonly rightMm: number; readonly bottomMm: number } {
  return {
    rightMm: Math.max(0, datum.leftMm + outline.widthMm - body.widthMm),
    bottomMm: Math.max(0, datum.topMm + outline.heightMm - body.heightMm),
  };
}
