/** What a border does to the holes of its letters. */
export interface BorderFacts {
  /** From the letters to its edge. */
  readonly reachEm: number;
  /** Radius of the largest disc in each hole of the letters, the smallest first. */
  readonly holeRadiiEm: readonly number[];
  /** Whatever is narrower than that between its edges is filled. */
  readonly fillsUnderEm: number;
  /** Islands of its letters. */
  readonly numParts: number;
  /** How near the two nearest of those come to each other: nearer than twice its reach they become one. */
  readonly leastGapEm: () => number;
}
