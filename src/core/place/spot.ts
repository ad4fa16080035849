import type { PlaceRect } from './inscribed-rect';
import type { ReadingDeg } from './anchor-shares';

/** Where ink lies: the top left corner of the box that it covers in the frame of its place, turned as it reads. */
export interface Spot {
  readonly xMm: number;
  readonly yMm: number;
  /** Quarter turns, clockwise. */
  readonly turnDeg: ReadingDeg;
}

/** The box that ink of this size (as it reads) covers there. */
export function boxAt({ xMm, yMm, turnDeg }: Spot, inkWidthMm: number, inkHeightMm: number): PlaceRect {
  const isAside = turnDeg === 90 || turnDeg === 270;
  return isAside
    ? { xMm, yMm, widthMm: inkHeightMm, heightMm: inkWidthMm }
    : { xMm, yMm, widthMm: inkWidthMm, heightMm: inkHeightMm };
}

/** Where the ink's own top left corner lands when it is turned in place: the first step of every drawing of it. */
export function inkOrigin(spot: Spot, inkWidthMm: number, inkHeightMm: number): readonly [number, number] {
  const { xMm, yMm, widthMm, heightMm } = boxAt(spot, inkWidthMm, inkHeightMm);
  switch (spot.turnDeg) {
    case 90:
      return [xMm + widthMm, yMm];
    case 180:
      return [xMm + widthMm, yMm + heightMm];
    case 270:
      return [xMm, yMm + heightMm];
    default:
      return [xMm, yMm];
  }
}

/** Cosine and sine of the quarter turns. */
const QUARTERS = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] } as const;

/** From ink as it reads (its top left corner at the origin) to the frame of its place, in millimetres. */
export function inkToPlace(
  spot: Spot,
  inkWidthMm: number,
  inkHeightMm: number,
): (xMm: number, yMm: number) => readonly [number, number] {
  const [fromX, fromY] = inkOrigin(spot, inkWidthMm, inkHeightMm);
  const [cos, sin] = QUARTERS[spot.turnDeg];
  return (x, y) => [fromX + x * cos - y * sin, fromY + x * sin + y * cos];
}

/** A part of the ink: its box as it reads, from the ink's top left corner. */
export interface InkPart {
  readonly leftMm: number;
  readonly topMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The spot of one part of the ink by itself. */
export function spotOfPart(
  spot: Spot,
  { inkWidthMm, inkHeightMm }: { readonly inkWidthMm: number; readonly inkHeightMm: number },
  { leftMm, topMm, widthMm, heightMm }: InkPart,
): Spot {
  const move = inkToPlace(spot, inkWidthMm, inkHeightMm);
  const [ax, ay] = move(leftMm, topMm);
  const [bx, by] = move(leftMm + widthMm, topMm + heightMm);
  return { xMm: Math.min(ax, bx), yMm: Math.min(ay, by), turnDeg: spot.turnDeg };
}

/** The ink's own top left corner in a frame that is turned as it reads: what lies beside it there, reads beside it. */
export function cornerAsRead(spot: Spot, inkWidthMm: number, inkHeightMm: number): readonly [number, number] {
  const [xMm, yMm] = inkOrigin(spot, inkWidthMm, inkHeightMm);
  const [cos, sin] = QUARTERS[spot.turnDeg];
  return [xMm * cos + yMm * sin, yMm * cos - xMm * sin];
}
