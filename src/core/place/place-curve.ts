import type { MeasuredPlace, Variant } from '../shop';
import { placeGeometry } from './place-geometry';

/** The circle that lettering follows to run as its place does: on goods that taper it stands level. */
export interface PlaceCurve {
  /** Half way between the edges of the place. */
  readonly radiusMm: number;
  /** As the reader sees it: highest in the middle, or lowest. */
  readonly way: 'arch' | 'dip';
}

/** Null where the place is not curved, or reads across its curve. */
export function placeCurve(variant: Variant, place: MeasuredPlace): PlaceCurve | null {
  const { shape } = placeGeometry(variant, place);
  if (shape.kind !== 'ringPart' || (place.readingDeg !== 0 && place.readingDeg !== 180)) return null;
  const isArch = (shape.outerAt === 'top') === (place.readingDeg === 0);
  return { radiusMm: (shape.innerRadiusMm + shape.outerRadiusMm) / 2, way: isArch ? 'arch' : 'dip' };
}
