/**
 * Integer of 0.1 µm. Everything that is compared, hashed, united or written is held in it, because `sin` and `pow`
 * differ in the last bit from one JavaScript engine to the next and integers do not.
 */
export type Um10 = number;

export const UM10_PER_MM = 10_000;

/** Millimetres to the nearest 0.1 µm; never negative zero. */
export function mmToUm10(mm: number): Um10 {
  return Math.round(mm * UM10_PER_MM) + 0;
}

export function um10ToMm(um10: Um10): number {
  return um10 / UM10_PER_MM;
}
