import type { Shape } from '../shop';

/** Round goods by two diameters and the upright height, in millimetres. */
export interface RoundGoods {
  readonly topMm: number;
  readonly bottomMm: number;
  readonly heightMm: number;
}

/** Below this difference of diameters the side is straight: the ring part would have a radius of kilometres. */
const STRAIGHT_MM = 0.02;

/** From rim to base along the side, as a tape lies on it. */
export function slantMm({ topMm, bottomMm, heightMm }: RoundGoods): number {
  return Math.hypot(heightMm, (topMm - bottomMm) / 2);
}

/** Diameter where the tape reads `alongMm` below the rim. */
export function diameterAt(goods: RoundGoods, alongMm: number): number {
  return goods.topMm + ((goods.bottomMm - goods.topMm) * alongMm) / slantMm(goods);
}

/**
 * A band of the side rolled out flat: from `fromMm` to `toMm` below the rim, measured along the side, and `share` of the
 * way round. A cone rolls out into a part of a ring: its radius is the distance to the cone's point, and its sweep is what the
 * circumference takes of that circle (2π r / 2π R). The wider end becomes the longer edge.
 */
export function unrolled(goods: RoundGoods, fromMm: number, toMm: number, share: number): Shape {
  const taper = goods.topMm - goods.bottomMm;
  const slant = slantMm(goods);
  if (Math.abs(taper) < STRAIGHT_MM) {
    return { kind: 'rect', widthMm: Math.PI * goods.topMm * share, heightMm: toMm - fromMm };
  }
  const perMm = Math.abs(taper) / 2 / slant;
  const radiusAt = (alongMm: number) => diameterAt(goods, alongMm) / 2 / perMm;
  const radii = [radiusAt(fromMm), radiusAt(toMm)];
  return {
    kind: 'ringPart',
    innerRadiusMm: Math.min(...radii),
    outerRadiusMm: Math.max(...radii),
    sweepDeg: 360 * perMm * share,
    outerAt: taper > 0 ? 'top' : 'bottom',
  };
}
