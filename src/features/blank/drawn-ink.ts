import type { PlaceRect } from '@/core/place';
import type { ScreenFit } from '@/workers/fit-protocol';

/** A text of the run to draw in the place: its path in units of `scale` millimetres. */
export interface DrawnInk {
  readonly fit: ScreenFit;
  readonly path: string;
  readonly scale: number;
  readonly film: string;
}

/** The path with every point moved, in millimetres of the place. Upright text only; null for what is turned. */
export function movedPath(
  { fit, path, scale }: DrawnInk,
  move: (xMm: number, yMm: number) => readonly [number, number],
): string | null {
  if (fit.turnDeg !== 0) return null;
  return path.replace(/(-?[\d.]+)[ ,]+(-?[\d.]+)/g, (_, x: string, y: string) => {
    const [toX, toY] = move(fit.xMm + Number(x) * scale, fit.yMm + Number(y) * scale);
    return `${toX.toFixed(2)} ${toY.toFixed(2)}`;
  });
}

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
