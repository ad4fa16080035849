import type { OwnLetter } from '../spec';
import { type WordedLine, type WordedRun, lineOf } from './worded-line';

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** A letter of a line as a reader counts them. */
export interface LineLetter {
  readonly no: number;
  readonly character: string;
  /** In UTF-16 units of the line. */
  readonly at: number;
}

/** Every letter of a line, spaces among them. */
export function lineLetters(text: string): LineLetter[] {
  return [...graphemes.segment(text)].map(({ segment, index }, no) => ({ no, character: segment, at: index }));
}

/** A line whose letters that are set otherwise are runs of their own. Where it reads otherwise than it did, they are set like their line. */
export function withOwnLetters(line: WordedLine, letters: readonly OwnLetter[] | undefined): WordedLine {
  const meant = letters?.filter((letter) => letter.line === line.no) ?? [];
  if (meant.length === 0) return line;
  const ownAt = new Map(
    lineLetters(line.text).flatMap(({ no, character, at }) => {
      const own = meant.find((letter) => letter.no === no && letter.character === character);
      return own ? [[at, own] as const] : [];
    }),
  );
  if (ownAt.size === 0) return line;
  let from = 0;
  const runs = line.runs.flatMap((run) => {
    const start = from;
    from += run.text.length;
    return lineLetters(run.text).map(({ character, at }): WordedRun => {
      const own = ownAt.get(start + at);
      return own ? { ...run, text: character, ...faceOfOwn(own), own } : { ...run, text: character };
    });
  });
  return lineOf(line.no, runs);
}

function faceOfOwn({ face, faceName }: OwnLetter): Pick<WordedRun, 'face' | 'faceName'> | Record<string, never> {
  if (face === undefined) return {};
  return { face, ...(faceName === undefined ? {} : { faceName }) };
}
