/**
 * Curves to chords. A chord over a parameter step h strays from the curve by at most h²/8 · max|B″|; for a quadratic
 * |B″| = 2|p₀ − 2p₁ + p₂|, for a cubic it is at most 6 times the larger of its two second differences. Solving for h
 * gives the number of even steps.
 */

/** Appends the chords' end points to `into` (`x, y, …`), without the start. `tolerance` in the points' own unit. */
export function flattenQuadratic(
  into: number[],
  [x0, y0, x1, y1, x2, y2]: readonly [number, number, number, number, number, number],
  tolerance: number,
): void {
  const bend = Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2);
  const steps = Math.max(1, Math.ceil(Math.sqrt(bend / (4 * tolerance))));
  for (let i = 1; i <= steps; i++) {
    const t = i / steps;
    const u = 1 - t;
    into.push(u * u * x0 + 2 * u * t * x1 + t * t * x2, u * u * y0 + 2 * u * t * y1 + t * t * y2);
  }
}

/** Like `flattenQuadratic`, for a cubic with two control points. */
export function flattenCubic(
  into: number[],
  [x0, y0, x1, y1, x2, y2, x3, y3]: readonly [number, number, number, number, number, number, number, number],
  tolerance: number,
): void {
  const bend = Math.max(Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2), Math.hypot(x1 - 2 * x2 + x3, y1 - 2 * y2 + y3));
  const steps = Math.max(1, Math.ceil(Math.sqrt((3 * bend) / (4 * tolerance))));
  for (let i = 1; i <= steps; i++) {
    const t = i / steps;
    const u = 1 - t;
    const [a, b, c, d] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
    into.push(a * x0 + b * x1 + c * x2 + d * x3, a * y0 + b * y1 + c * y2 + d * y3);
  }
}
