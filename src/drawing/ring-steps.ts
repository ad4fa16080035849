import type { PlaceRect } from '@/core/place';

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
