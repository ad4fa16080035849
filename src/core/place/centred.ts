import type { Centring, Datum, MeasuredPlace, Variant } from '../shop';
import { placeGeometry } from './place-geometry';

/** Held to the middle of the blank, whatever width it gets. */
export const BODY_MIDDLE: Centring = { levels: [], take: 'body', toleranceMm: 3 };

/** The drop with which a place stands as far from the bottom of its blank as from the top, to a tenth of a millimetre. */
export function centredDown(variant: Variant, place: MeasuredPlace): Datum {
  const { body, box } = placeGeometry(variant, place);
  const { kind, lineMm } = place.datum;
  const topMm = (body.heightMm - box.heightMm) / 2;
  const dropMm = kind === 'hem' ? lineMm - topMm - box.heightMm : topMm - lineMm;
  return { ...place.datum, dropMm: Math.max(0, Math.round(dropMm * 10) / 10) };
}
