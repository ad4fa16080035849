import type { Datum, MeasuredPlace, Variant } from '../shop';
import { dropAlongSide } from './as-seen';
import type { PlaceRect } from './inscribed-rect';
import { type PlaceGeometry, placeGeometry } from './place-geometry';

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

/** For the box that ink covers in the frame of the place. */
export function inkOnBlank(variant: Variant, place: MeasuredPlace, ink: PlaceRect): InkOnBlank {
  const geometry = placeGeometry(variant, place);
  const { leftMm, topMm, body } = geometry;
  const { kind, lineMm } = place.datum;
  if (place.wrap?.kind === 'round') {
    const [fromMm, toMm] = seenEnds(geometry, ink.yMm + ink.heightMm / 2);
    return {
      leftMm: ink.xMm - fromMm,
      rightMm: toMm - ink.xMm - ink.widthMm,
      dropMm: dropAlongSide(place, geometry, ink.xMm + ink.widthMm / 2, ink.yMm),
      datum: kind,
      acrossFrom: 'seenPart',
    };
  }
  const top = topMm + ink.yMm - lineMm;
  const dropMm = kind === 'hem' ? lineMm - (topMm + ink.yMm + ink.heightMm) : top;
  const left = leftMm + ink.xMm;
  return { leftMm: left, rightMm: body.widthMm - left - ink.widthMm, dropMm, datum: kind, acrossFrom: 'sides' };
}

/** Of inks that lie together: each distance to the nearest of them. Null without any, and where they are measured from other lines. */
export function nearestOnBlank(inks: readonly InkOnBlank[]): InkOnBlank | null {
  const first = inks.at(0);
  if (!first || inks.some(({ datum, acrossFrom }) => datum !== first.datum || acrossFrom !== first.acrossFrom))
    return null;
  const least = (of: (ink: InkOnBlank) => number) => Math.min(...inks.map(of));
  return {
    ...first,
    leftMm: least(({ leftMm }) => leftMm),
    rightMm: least(({ rightMm }) => rightMm),
    dropMm: least(({ dropMm }) => dropMm),
  };
}

/** Where the outline ends on the left and on the right at a height. */
function seenEnds({ outline, box }: PlaceGeometry, yMm: number): readonly [number, number] {
  const xs = outline.flatMap(([x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!;
    return y > yMm === nextY > yMm ? [] : [x + ((yMm - y) / (nextY - y)) * (nextX - x)];
  });
  return xs.length < 2 ? [0, box.widthMm] : [Math.min(...xs), Math.max(...xs)];
}
