/** A width and the middle of the spot, from the ink's top left corner. */
export interface MeasuredSpot {
  readonly widthMm: number;
  readonly xMm: number;
  readonly yMm: number;
  /** It narrows to a point, as a notch between joined letters does. */
  readonly closes: boolean;
}

/** What can be weeded and will hold. Null: wider than twice its limit, or none there. */
export interface Measures {
  readonly stroke: MeasuredSpot | null;
  readonly gap: MeasuredSpot | null;
  readonly hole: MeasuredSpot | null;
}
