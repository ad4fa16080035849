/** What a border does to the holes of its letters. */
export interface BorderFacts {
  /** From the letters to its edge. */
  readonly reachEm: number;
  /** Radius of the largest disc in each hole of the letters, the smallest first. */
  readonly holeRadiiEm: readonly number[];
  /** Holes narrower than that were filled, after those that it closes by itself. */
  readonly fillsUnderEm: number;
  /** How many were filled. */
  readonly numFilled: number;
}
