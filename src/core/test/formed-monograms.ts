import fc from 'fast-check';
import { formMonogram } from '../monograms';
import { placedLetters } from '../artwork';
import { EM_UNITS } from '../faces';
import { type Ring, boxOfRings } from '../geometry';
import { type MonogramShape, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, shippedFaces } from '.';

/** Letters as their face draws them. */
export function lettersOf(text: string, face = STAND_BLOCK_SHA): readonly (readonly Ring[])[] {
  return placedLetters({ no: 0, runs: [aRunOfLetters(text, face)] }, shippedFaces()).map(({ rings }) => rings);
}

export const capOf = (face: string) => shippedFaces()(face).capHeightEm * EM_UNITS;
export const GAP = 0.07;

export function formed(shape: MonogramShape, text: string, face = STAND_BLOCK_SHA) {
  const capHeight = capOf(face);
  return formMonogram(shape, { letters: lettersOf(text, face), capHeight, gap: GAP * capHeight });
}

export const box = (rings: readonly Ring[]) => boxOfRings(rings)!;

/** Capitals that reach neither above the head nor below the foot, by more than a rounded letter does. */
export const initials = fc.string({ unit: fc.constantFrom(...'ABCDEFGHIKLMNOPRSTUVWXYZ'), minLength: 3, maxLength: 3 });

export function pointsOf(ring: Ring): readonly (readonly [number, number])[] {
  return Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const);
}
