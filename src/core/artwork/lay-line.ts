import type { SetLine } from '../resolve';
import { type FaceOf, type LaidGlyph, type ShapedLine, characterAt, shapedLine } from './shape-line';
import { spacedLetters } from './space-letters';

export { type FaceOf, type LaidGlyph, type MissingCharacter } from './shape-line';

/** A line as its faces set it, and single letters and gaps of it as they are asked for. */
export function layLine(line: SetLine, faceOf: FaceOf): ShapedLine {
  const shaped = shapedLine(line, faceOf);
  const spaced = spacedLetters(byLetter(shaped.glyphs), line.runs, faceOf);
  return spaced ? { ...shaped, glyphs: spaced } : shaped;
}

/** One character with its rings where they stand in the line, not joined. */
export interface PlacedLetter {
  readonly character: string;
  readonly run: number;
  /** In UTF-16 units of its run's composed text. */
  readonly at: number;
  readonly rings: readonly Int32Array[];
}

/** The letters of a line one by one. */
export function placedLetters(line: SetLine, faceOf: FaceOf): PlacedLetter[] {
  return byLetter(layLine(line, faceOf).glyphs).map(({ run, at, rings }) => {
    return { character: characterAt(line.runs[run]!.text.normalize('NFC'), at), run, at, rings };
  });
}

/** Glyphs put together that stand for one letter: marks with their letters. */
export function byLetter(glyphs: readonly LaidGlyph[]): LaidGlyph[] {
  const letters = new Map<string, LaidGlyph>();
  for (const { run, at, rings } of glyphs) {
    const key = `${run} ${at}`;
    letters.set(key, { run, at, rings: [...(letters.get(key)?.rings ?? []), ...rings] });
  }
  return [...letters.values()];
}
