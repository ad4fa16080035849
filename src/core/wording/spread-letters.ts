import { lineLetters } from './graphemes';

/** A text spread one letter to a blank. */
export interface SpreadText {
  /** Letters as a reader counts them, without spaces. */
  readonly letters: readonly string[];
  readonly numSpaces: number;
}

export function spreadLetters(text: string): SpreadText {
  const all = lineLetters(text).map(({ character }) => character);
  const letters = all.filter((letter) => letter.trim() !== '');
  return { letters, numSpaces: all.length - letters.length };
}
