import type { MeasuredPlace, Photo } from '../shop';

type PointPx = readonly [xPx: number, yPx: number];

/**
 * What corners set on a photo change of a place: its shape, and where it lies once the photo says where the blank begins. To a tenth of
 * a millimetre. Null while the photo has no scale.
 */
export function tracedPlace(
  { datum }: MeasuredPlace,
  { mmPerPx, originPx }: Pick<Photo, 'mmPerPx' | 'originPx'>,
  corners: readonly PointPx[],
): Partial<MeasuredPlace> | null {
  if (mmPerPx === null || corners.length < 3) return null;
  const [left, top] = [Math.min(...corners.map(([x]) => x)), Math.min(...corners.map(([, y]) => y))];
  const bottom = Math.max(...corners.map(([, y]) => y));
  const mm = (px: number) => Math.round(px * mmPerPx * 10) / 10;
  const outline = { kind: 'polygon' as const, corners: corners.map(([x, y]) => [mm(x - left), mm(y - top)] as const) };
  if (!originPx) return { outline };
  const [leftMm, topMm, bottomMm] = [mm(left - originPx.xPx), mm(top - originPx.yPx), mm(bottom - originPx.yPx)];
  const dropMm = datum.kind === 'hem' ? datum.lineMm - bottomMm : topMm - datum.lineMm;
  return {
    outline,
    // Where it was traced it lies, not held to a middle.
    centring: null,
    datum: { ...datum, leftMm: Math.max(0, leftMm), dropMm: Math.max(0, dropMm) },
  };
}
