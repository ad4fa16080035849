import { turnedOrigin } from '@/core/place';
import type { ScreenFit } from '@/workers/fit-protocol';

type InkSpot = Pick<ScreenFit, 'xMm' | 'yMm' | 'turnDeg' | 'inkWidthMm' | 'inkHeightMm'>;

/** SVG transform that brings a path with its ink's top left corner at the origin to its spot in the place, turned as it reads. */
export function inkTransform({ xMm, yMm, turnDeg, inkWidthMm, inkHeightMm }: InkSpot, scale: number): string {
  const isAside = turnDeg === 90 || turnDeg === 270;
  const [widthMm, heightMm] = isAside ? [inkHeightMm, inkWidthMm] : [inkWidthMm, inkHeightMm];
  const [x, y] = turnedOrigin({ xMm, yMm, widthMm, heightMm, turnDeg });
  return `translate(${x} ${y}) ${turnDeg === 0 ? '' : `rotate(${turnDeg}) `}scale(${scale})`;
}

/** A ring as SVG path data. */
export function ringPath(ring: readonly (readonly [number, number])[]): string {
  return `M${ring.map(([x, y]) => `${Number(x.toFixed(3))} ${Number(y.toFixed(3))}`).join('L')}Z`;
}
