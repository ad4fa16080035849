import type { CaseForm } from '../shop';
import type { OwnLetter } from '../spec';
import { isSpace, lineLetters } from './graphemes';
import { applyCase } from './case-form';

/** Letters of a line that are set alike: from one colour slot, in one face, of one height. */
export interface WordedRun {
  readonly text: string;
  /** Null where nobody said: what the lowest layer is cut from. */
  readonly colourSlot: string | null;
  /** Another face than the line's style has; null: that one. */
  readonly face: string | null;
  /** Drawn taller than the rest, as the centre of a monogram is. */
  readonly isTall: boolean;
  /** A letter of a monogram. */
  readonly isMonogram?: true;
  /** How a face is called that did not ship. */
  readonly faceName?: string;
  /** A single letter that is set otherwise than its line. */
  readonly own?: OwnLetter;
}

/** One line of a text. Its runs together are its `text`; none is empty, and no two neighbours are set alike. */
export interface WordedLine {
  /** Which line of the wording it is, from 0: an empty one before it does not change its style. */
  readonly no: number;
  readonly text: string;
  readonly runs: readonly WordedRun[];
}

export function lineOf(no: number, runs: readonly WordedRun[]): WordedLine {
  const joined: WordedRun[] = [];
  for (const run of runs) {
    if (run.text === '') continue;
    const last = joined.at(-1);
    if (last && isSetAlike(last, run)) joined[joined.length - 1] = { ...last, text: last.text + run.text };
    else joined.push(run);
  }
  return { no, text: joined.map(({ text }) => text).join(''), runs: joined };
}

function isSetAlike(a: WordedRun, b: WordedRun): boolean {
  return (
    a.colourSlot === b.colourSlot &&
    a.face === b.face &&
    a.isTall === b.isTall &&
    a.isMonogram === b.isMonogram &&
    a.own === b.own
  );
}

/**
 * Spaces that a missing part leaves at the ends or doubled are taken away. Spaces within a line with a tall part were meant, since
 * somebody placed its letters.
 */
export function tidyLine({ no, text, runs }: WordedLine): WordedLine {
  const start = text.length - text.trimStart().length;
  const end = text.trimEnd().length;
  const keepsDoubled = runs.some(({ isTall }) => isTall);
  let at = 0;
  const kept = runs.map((run) => {
    let left = '';
    for (const unit of run.text.split('')) {
      const isEnd = at < start || at >= end;
      const isDoubled = !keepsDoubled && unit === ' ' && text[at - 1] === ' ';
      if (!isEnd && !isDoubled) left += unit;
      at++;
    }
    return { ...run, text: left };
  });
  return lineOf(no, kept);
}

/**
 * The line in capitals, say. What a letter becomes may hang on its word, so that a line is set as a whole and cut where its runs
 * were; one with a tall part is set part by part, since its letters are no word.
 */
export function lineInCase(line: WordedLine, form: CaseForm, language: string): WordedLine {
  if (form === 'asTyped') return line;
  const { no, text, runs } = line;
  if (runs.some(({ isTall }) => isTall)) {
    return lineOf(
      no,
      runs.map((run) => ({ ...run, text: applyCase(run.text, form, language) })),
    );
  }
  const whole = applyCase(text, form, language);
  let typed = 0;
  let from = 0;
  const cut = runs.map((run, i) => {
    typed += run.text.length;
    // Capitals may be longer than what was typed (ß), so the end is looked for, not counted.
    const found = i === runs.length - 1 ? whole.length : applyCase(text.slice(0, typed), form, language).length;
    const to = Math.min(whole.length, Math.max(from, found));
    const part = whole.slice(from, to);
    from = to;
    return { ...run, text: part };
  });
  return lineOf(no, cut);
}

/** A line to each letter as a reader counts them, spaces left out, each set as it was in its line. */
export function lettersOf(lines: readonly WordedLine[]): WordedLine[] {
  return lines.flatMap(({ no, text, runs }) => {
    const ends: number[] = [];
    for (const run of runs) ends.push((ends.at(-1) ?? 0) + run.text.length);
    return lineLetters(text).flatMap((letter) => {
      if (isSpace(letter)) return [];
      const run = runs[ends.findIndex((end) => letter.at < end)]!;
      return [lineOf(no, [{ ...run, text: letter.character }])];
    });
  });
}
