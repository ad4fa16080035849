import type { ToShape } from './in-shape';

/** Shapes that letters fill, from the square: each keeps head and foot in the middle, and most of the height at the ends. */

/**
 * Straight sides become arcs: end letters keep most of their height, and curve with the circle. Brought to the circle whole, the corners
 * of their stems would be flattened to nothing; so the square is the inner part of one that would be.
 */
const ROUND_SHARE = 0.85;
export const toCircle: ToShape = (u, v) => {
  const [x, y] = [u * ROUND_SHARE, v * ROUND_SHARE];
  return [u * Math.sqrt(1 - (y * y) / 2), v * Math.sqrt(1 - (x * x) / 2)];
};

/** Blunt ends: drawn to a point, the end letters would be next to nothing there. */
const LOZENGE_SLOPE = 0.3125;
export const toLozenge: ToShape = (u, v) => [u, v * (1 - LOZENGE_SLOPE * Math.abs(u))];

export const toSquare: ToShape = (u, v) => [u, v];

/** A straight head, and a foot that comes down to the middle. */
const SHIELD_RISE = 0.55;
const SHIELD_POWER = 2.2;
export const toShield: ToShape = (u, v) => {
  const foot = 1 - SHIELD_RISE * Math.abs(u) ** SHIELD_POWER;
  return [u, -1 + ((v + 1) * (foot + 1)) / 2];
};
