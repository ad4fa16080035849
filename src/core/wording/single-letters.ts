import type { WordingRun } from '../spec';
import { isSpace, lineLetters } from './graphemes';
import type { WordedRun } from './worded-line';

/** Runs of one part with its single letters in a colour of their own; letters are counted as a reader does, and spaces are none. */
export function withSingleLetters(runs: readonly WordedRun[], letter: WordingRun['letter']): readonly WordedRun[] {
  if (!letter) return runs;
  const text = runs.map((run) => run.text).join('');
  const single = new Set(singleIn(text, letter.which));
  let from = 0;
  return runs.flatMap((run) => {
    const start = from;
    from += run.text.length;
    return lineLetters(run.text).map(({ character, at }) => ({
      ...run,
      text: character,
      colourSlot: single.has(start + at) ? letter.slot : run.colourSlot,
    }));
  });
}

/** Where the single letters of a text begin, in UTF-16 units. */
function singleIn(text: string, which: NonNullable<WordingRun['letter']>['which']): readonly number[] {
  const letters = lineLetters(text).filter((letter) => !isSpace(letter));
  const begins = letters.map(({ at }) => at);
  switch (which) {
    case 'first':
      return begins.slice(0, 1);
    case 'last':
      return begins.slice(-1);
    case 'ofWords':
      // Behind a space, or a hyphen that joins two names.
      return begins.filter((at) => at === 0 || /[\s-]$/u.test(text.slice(0, at)));
  }
}
