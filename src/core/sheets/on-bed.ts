import { type Outline, boxOfRings, mapOutline, outlineRings, turnOutline } from '../geometry';
import type { Um10 } from '../units';

/** How a piece lies on the bed: top left corner of its ink, a quarter turn clockwise or none, mirrored or not. */
export interface Lying {
  readonly x: Um10;
  readonly y: Um10;
  readonly turnDeg: 0 | 90;
  readonly reversed: boolean;
}

/**
 * A piece as it is cut: mirrored within its own box when it is bonded face down, then turned, then moved to its spot. Of lines on a piece,
 * `within` is its outline.
 */
export function outlineOnBed(outline: Outline, { x, y, turnDeg, reversed }: Lying, within: Outline = outline): Outline {
  const width = boxOfRings(outlineRings(within))?.maxX ?? 0;
  const scaleX = reversed ? -1 : 1;
  const rightX = reversed ? width : 0;
  if (turnDeg === 0) return mapOutline(outline, scaleX, 1, rightX + x, y);
  return mapOutline(turnOutline(mapOutline(outline, scaleX, 1, rightX, 0), within), 1, 1, x, y);
}
