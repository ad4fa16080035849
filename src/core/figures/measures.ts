/** A width and the middle of the spot, from the ink's top left corner. */
export interface MeasuredSpot {
  readonly widthMm: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** What can be weeded and will hold. Null: wider than twice its limit, or none there. */
export interface Measures {
  readonly stroke: MeasuredSpot | null;
  /** The narrowest passage or slot. */
  readonly gap: MeasuredSpot | null;
  /** The narrowest that closes to a point, as between joined letters. */
  readonly notch: MeasuredSpot | null;
  readonly hole: MeasuredSpot | null;
}
