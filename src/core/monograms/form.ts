import type { Ring } from '../geometry';

/** The letters of a monogram before they are formed: millionths of an em, y down, feet of capitals at y = 0. */
export interface MonogramInput {
  /** Rings of each letter, marks with theirs. */
  readonly letters: readonly (readonly Ring[])[];
  /** Height of capitals, which the form is as tall as. */
  readonly capHeight: number;
  /** Clear room between neighbours. */
  readonly gap: number;
}

/** The letters where they stand in the form, whose foot is at y = 0 and whose left end is at x = 0. */
export interface FormedMonogram {
  /** In the order in which they were given. */
  readonly letters: readonly (readonly Ring[])[];
  /** What stands between them, such as a bar. */
  readonly between: readonly Ring[];
  /** Height of the lowest letter, of the height of the form. */
  readonly lowestShare: number;
}

/** Null: so many letters, or one without ink, do not make this form. */
export type MonogramForm = (input: MonogramInput) => FormedMonogram | null;
