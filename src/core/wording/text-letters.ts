import { type RunSpec, type TextRef, findPlaceUse } from '../spec';
import { type LineLetter, isSpace, lineLetters } from './graphemes';
import { wordEntry } from './word-entry';
import type { WordedRun } from './worded-line';

/** A letter of a text that can be set otherwise than its line. */
export interface TextLetter extends LineLetter, Pick<WordedRun, 'face' | 'faceName'> {
  readonly line: number;
  /** The letter that is read after it, on its line and in its word; null where none is. */
  readonly next: string | null;
}

/** The letters of a text, line by line, without spaces, with the face of the part that each stands in. */
export function textLetters(spec: RunSpec, at: TextRef): readonly (readonly TextLetter[])[] {
  const entry = spec.entries.find(({ id }) => id === at.entryId);
  const place = findPlaceUse(spec, at);
  const worded = entry && place && wordEntry(spec, entry, at, place);
  return (worded?.lines ?? []).map(({ no: line, text, runs }) => {
    const letters = lineLetters(text);
    const ends: number[] = [];
    for (const run of runs) ends.push((ends.at(-1) ?? 0) + run.text.length);
    return letters.flatMap((letter, i) => {
      if (isSpace(letter)) return [];
      const after = letters[i + 1];
      const { face, faceName } = runs[ends.findIndex((end) => letter.at < end)]!;
      const ofPart = { face, ...(faceName === undefined ? {} : { faceName }) };
      return [{ ...letter, ...ofPart, line, next: after && !isSpace(after) ? after.character : null }];
    });
  });
}
