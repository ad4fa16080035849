/** Integers in which letters are drawn before they have a size: a millionth of an em, 0.1 µm at an em of 100 mm. */
export const EM_UNITS = 1_000_000;

/**
 * How far a chord may stray from its curve: 0.01 mm at an em of 50 mm, which is a usual name, and finer for smaller
 * letters. At an em of 100 mm it is 0.02 mm, still under the step of a cutter. Halving it makes joining 1.4 times slower.
 */
export const FLATTEN_TOLERANCE_EM = 2e-4;
