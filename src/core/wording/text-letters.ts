import { type RunSpec, type TextRef, findPlaceUse } from '../spec';
import { type LineLetter, lineLetters } from './own-letters';
import { wordEntry } from './word-entry';

/** A letter of a text that can be set otherwise than its line. */
export interface TextLetter extends LineLetter {
  readonly line: number;
  /** The letter that is read after it, on its line and in its word; null where none is. */
  readonly next: string | null;
}

/** The letters of a text, line by line, without spaces. */
export function textLetters(spec: RunSpec, at: TextRef): readonly (readonly TextLetter[])[] {
  const entry = spec.entries.find(({ id }) => id === at.entryId);
  const place = findPlaceUse(spec, at);
  const worded = entry && place && wordEntry(spec, entry, at, place);
  return (worded?.lines ?? []).map(({ no: line, text }) => {
    const letters = lineLetters(text);
    return letters.flatMap((letter, i) => {
      if (isSpace(letter)) return [];
      const after = letters[i + 1];
      return [{ ...letter, line, next: after && !isSpace(after) ? after.character : null }];
    });
  });
}

function isSpace({ character }: LineLetter): boolean {
  return character.trim() === '';
}
