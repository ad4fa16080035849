import type { MeasuredPlace, Variant } from '../shop';
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
  if (wrap?.kind === 'round') return roundMap(wrap, place.datum.dropMm, geometry);
  const { seen } = geometry;
  if (!seen) return (x, y) => [x - middleMm, y];
  const across = acrossAt(seen.acrossMm, seen.depthMm);
  return (x, y) => [across(x - middleMm), y];
}

/** Where a spot of unrolled goods lies on them: below the place's upper edge along the side, and round the axis. */
function onSide(wrap: RoundWrap, { shape, box }: PlaceGeometry, xMm: number, yMm: number) {
  const dx = xMm - box.widthMm / 2;
  if (shape.kind !== 'ringPart') return { alongMm: yMm, aroundRad: (2 * dx) / wrap.topMm };
  const isTop = shape.outerAt === 'top';
  const dy = isTop ? shape.outerRadiusMm - yMm : yMm - (box.heightMm - shape.outerRadiusMm);
  const radiusMm = Math.hypot(dx, dy);
  // The cone's side: an angle of the unrolled ring is a larger one round the axis.
  const perRad = Math.abs(wrap.topMm - wrap.bottomMm) / 2 / slantMm(wrap);
  const alongMm = isTop ? shape.outerRadiusMm - radiusMm : radiusMm - shape.innerRadiusMm;
  return { alongMm, aroundRad: Math.atan2(dx, dy) / perRad };
}

type RoundWrap = Extract<MeasuredPlace['wrap'], { kind: 'round' }>;

/** What a tape along the side reads from the rim down to a spot of the unrolled place. */
export function dropAlongSide(place: MeasuredPlace, geometry: PlaceGeometry, xMm: number, yMm: number): number {
  const alongMm = place.wrap?.kind === 'round' ? onSide(place.wrap, geometry, xMm, yMm).alongMm : yMm;
  return place.datum.dropMm + alongMm;
}

function roundMap(wrap: RoundWrap, dropMm: number, geometry: PlaceGeometry): SeenMap {
  const upright = wrap.heightMm / slantMm(wrap);
  return (x, y) => {
    const { alongMm, aroundRad } = onSide(wrap, geometry, x, y);
    return [(diameterAt(wrap, dropMm + alongMm) / 2) * Math.sin(aroundRad), alongMm * upright];
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
