import type { Outline } from '../geometry';

/** Corners of what is cut as a circle: at 5 mm across less than a hundredth of a millimetre off. */
const DISC_CORNERS = 72;

/** A disc in whole units. */
export function discOutline(x: number, y: number, radius: number): Outline {
  const corners = Array.from({ length: DISC_CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / DISC_CORNERS;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
  return { islands: [{ outer: Int32Array.from(corners.flat(), Math.round), holes: [] }] };
}
