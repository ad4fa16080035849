import type { MeasuredPlace, Variant } from '../run';
import { type PlaceGeometry, placeGeometry } from './place-geometry';
import { diameterAt, slantMm } from './unroll';

/** From the frame of the place, lying flat, to the front view: x from the body's middle, y down from the place's top. */
export type SeenMap = (xMm: number, yMm: number) => readonly [xMm: number, yMm: number];

/** Where a spot of the place appears when the item is looked at from the front, in use. */
export function seenMap(variant: Variant, place: MeasuredPlace): SeenMap {
  const geometry = placeGeometry(variant, place);
  const { wrap } = place;
  const middleMm = geometry.body.widthMm / 2 - geometry.leftMm;
  if (wrap?.kind === 'stretched') {
    const [across, down] = [1 + wrap.acrossPct / 100, 1 + wrap.downPct / 100];
    return (x, y) => [(x - middleMm) * across, y * down];
  }
  if (wrap?.kind === 'round') return roundMap(place, geometry);
  const { seen } = geometry;
  if (!seen) return (x, y) => [x - middleMm, y];
  const across = acrossAt(seen.acrossMm, seen.depthMm);
  return (x, y) => [across(x - middleMm), y];
}

/** The cone's side: an angle of the unrolled ring is a larger one round the axis. */
function roundMap({ wrap, datum }: MeasuredPlace, { shape, box }: PlaceGeometry): SeenMap {
  if (wrap?.kind !== 'round') return (x, y) => [x, y];
  const upright = wrap.heightMm / slantMm(wrap);
  if (shape.kind !== 'ringPart') {
    const radius = wrap.topMm / 2;
    return (x, y) => [radius * Math.sin((x - box.widthMm / 2) / radius), y];
  }
  const isTop = shape.outerAt === 'top';
  const centreY = isTop ? shape.outerRadiusMm : box.heightMm - shape.outerRadiusMm;
  const perRad = Math.abs(wrap.topMm - wrap.bottomMm) / 2 / slantMm(wrap);
  return (x, y) => {
    const [dx, dy] = [x - box.widthMm / 2, isTop ? centreY - y : y - centreY];
    const radius = Math.hypot(dx, dy);
    const along = isTop ? shape.outerRadiusMm - radius : radius - shape.innerRadiusMm;
    const half = diameterAt(wrap, datum.dropMm + along) / 2;
    return [half * Math.sin(Math.atan2(dx, dy) / perRad), along * upright];
  };
}

/** Steps of the table; between them it is as good as straight. */
const STEPS = 240;

/** Length along the ellipse, from its front, to the distance from the middle at which it appears. */
function acrossAt(a: number, b: number): (clothMm: number) => number {
  const lengths = [0];
  for (let i = 1; i <= STEPS; i++) {
    const t = ((i - 0.5) * Math.PI) / 2 / STEPS;
    lengths.push(lengths[i - 1]! + (Math.sqrt((a * Math.cos(t)) ** 2 + (b * Math.sin(t)) ** 2) * Math.PI) / 2 / STEPS);
  }
  return (clothMm) => {
    const length = Math.min(Math.abs(clothMm), lengths[STEPS]!);
    const at = Math.min(
      STEPS,
      Math.max(
        1,
        lengths.findIndex((one) => one >= length),
      ),
    );
    const [before, after] = [lengths[at - 1]!, lengths[at]!];
    const t = ((at - 1 + (length - before) / (after - before)) * Math.PI) / 2 / STEPS;
    return Math.sign(clothMm) * a * Math.sin(t);
  };
}
