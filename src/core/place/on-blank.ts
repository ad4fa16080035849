import type { Datum, MeasuredPlace, Variant } from '../run';
import { placeGeometry } from './place-geometry';
import { inkInPlace } from './usable-area';

/** Where a ruler is laid to place a piece: distances to the ink itself, in millimetres. */
export interface InkOnBlank {
  readonly leftMm: number;
  readonly rightMm: number;
  /** From the datum to the ink: down to its top, from a hem up to its bottom; on round goods along the side. */
  readonly dropMm: number;
  readonly datum: Datum['kind'];
  /** `sides`: from the blank's edges. `seenPart`: round goods have no edges, so from the ends of the part that is seen. */
  readonly acrossFrom: 'sides' | 'seenPart';
}

/** For ink of this size as it reads, held at the place's anchor. */
export function inkOnBlank(
  variant: Variant,
  place: MeasuredPlace,
  inkWidthMm: number,
  inkHeightMm: number,
): InkOnBlank {
  const { leftMm, topMm, body, box } = placeGeometry(variant, place);
  const ink = inkInPlace(variant, place, inkWidthMm, inkHeightMm);
  const { kind, lineMm } = place.datum;
  const top = topMm + ink.yMm - lineMm;
  const dropMm = kind === 'hem' ? lineMm - (topMm + ink.yMm + ink.heightMm) : top;
  if (place.wrap?.kind === 'round') {
    const rightMm = box.widthMm - ink.xMm - ink.widthMm;
    return { leftMm: ink.xMm, rightMm, dropMm, datum: kind, acrossFrom: 'seenPart' };
  }
  const left = leftMm + ink.xMm;
  return { leftMm: left, rightMm: body.widthMm - left - ink.widthMm, dropMm, datum: kind, acrossFrom: 'sides' };
}
