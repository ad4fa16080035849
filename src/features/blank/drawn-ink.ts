import { type PlaceRect, turnedOrigin } from '@/core/place';
import type { ScreenFit } from '@/workers/fit-protocol';

/** A text of the run to draw in the place: its path in units of `scale` millimetres. */
export interface DrawnInk {
  readonly fit: ScreenFit;
  readonly path: string;
  readonly scale: number;
  readonly film: string;
}

/** The path with every point moved, in millimetres of the place: turned as it reads first. */
export function movedPath(
  { fit, path, scale }: DrawnInk,
  move: (xMm: number, yMm: number) => readonly [number, number],
): string {
  const isAside = fit.turnDeg === 90 || fit.turnDeg === 270;
  const [widthMm, heightMm] = isAside ? [fit.inkHeightMm, fit.inkWidthMm] : [fit.inkWidthMm, fit.inkHeightMm];
  const [fromX, fromY] = turnedOrigin({ ...fit, widthMm, heightMm });
  const [cos, sin] = QUARTERS[fit.turnDeg];
  return path.replace(/(-?[\d.]+)[ ,]+(-?[\d.]+)/g, (_, typedX: string, typedY: string) => {
    const [x, y] = [Number(typedX) * scale, Number(typedY) * scale];
    const [toX, toY] = move(fromX + x * cos - y * sin, fromY + x * sin + y * cos);
    return `${toX.toFixed(2)} ${toY.toFixed(2)}`;
  });
}

/** Cosine and sine of the quarter turns. */
const QUARTERS = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] } as const;

/** Sides of a rectangle in small steps, so that a curved view of it is curved. */
export function rectSteps({ xMm, yMm, widthMm, heightMm }: PlaceRect): readonly (readonly [number, number])[] {
  const steps = Array.from({ length: 25 }, (_, i) => i / 24);
  return [
    ...steps.map((s) => [xMm + widthMm * s, yMm] as const),
    ...steps.map((s) => [xMm + widthMm, yMm + heightMm * s] as const),
    ...steps.map((s) => [xMm + widthMm * (1 - s), yMm + heightMm] as const),
    ...steps.map((s) => [xMm, yMm + heightMm * (1 - s)] as const),
  ];
}
