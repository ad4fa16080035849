import type { OwnLetter } from '../spec';
import { lineLetters } from './graphemes';
import { type WordedLine, type WordedRun, lineOf } from './worded-line';

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
