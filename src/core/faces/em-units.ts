/** Integers in which letters are drawn before they have a size: a millionth of an em, 0.1 µm at an em of 100 mm. */
export const EM_UNITS = 1_000_000;

/**
 * How far a chord may stray from its curve. At an em of 100 mm, a letter as tall as most hands, that is 0.01 mm: below
 * what a blade can follow; smaller letters get finer still.
 */
export const FLATTEN_TOLERANCE_EM = 1e-4;
