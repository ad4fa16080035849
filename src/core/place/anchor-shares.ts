import type { Anchor9, MeasuredPlace } from '../shop';

/** Quarter turns of the reading direction, clockwise. */
export type ReadingDeg = MeasuredPlace['readingDeg'];

/** Each anchor as a share of the way from left to right and from top to bottom. */
export const FRACTIONS: Record<Anchor9, readonly [Share, Share]> = {
  topLeft: [0, 0],
  top: [0.5, 0],
  topRight: [1, 0],
  left: [0, 0.5],
  centre: [0.5, 0.5],
  right: [1, 0.5],
  bottomLeft: [0, 1],
  bottom: [0.5, 1],
  bottomRight: [1, 1],
};

export type Share = 0 | 0.5 | 1;
