import type { RandomBytes } from '../ids';
import { type OwnLetter, type RunSpec, type TextRef, MOST_OWN_LETTERS, ownSettingsAt } from '../spec';
import { dropOverrides, setOverrides } from './overrides';

/** Which letter of a text: of a line as it is worded, counted as a reader does. */
export type LetterAt = Pick<OwnLetter, 'line' | 'no' | 'character'>;

/** What is otherwise about a letter; null: as its line again. */
export type LetterChange = {
  readonly [K in Exclude<keyof OwnLetter, keyof LetterAt>]?: OwnLetter[K] | null;
};

/** What a letter of one text has of its own; nothing where it is set like its line. */
export function ownLetterAt(spec: RunSpec, at: TextRef, { line, no, character }: LetterAt): OwnLetter | null {
  const letters = ownSettingsAt(spec, at).letters ?? [];
  return letters.find((one) => one.line === line && one.no === no && one.character === character) ?? null;
}

/** Whether a letter may be set otherwise: it is already, or the text may have one more. */
export function mayChangeLetter(spec: RunSpec, at: TextRef, letter: LetterAt): boolean {
  const letters = ownSettingsAt(spec, at).letters ?? [];
  return letters.length < MOST_OWN_LETTERS || isAmong(letters, letter);
}

function isAmong(letters: readonly LetterAt[], { line, no }: LetterAt): boolean {
  return letters.some((one) => one.line === line && one.no === no);
}

/** One letter of one text set otherwise; with nothing left of its own it is as its line again. The same where a text has as many as it may. */
export function changeOwnLetter(
  spec: RunSpec,
  { at, letter }: { readonly at: TextRef; readonly letter: LetterAt },
  change: LetterChange,
  randomBytes: RandomBytes,
): RunSpec {
  if (!mayChangeLetter(spec, at, letter)) return spec;
  const { line, no, character } = letter;
  const others = (ownSettingsAt(spec, at).letters ?? []).filter((one) => one.line !== line || one.no !== no);
  const parts = Object.entries({ ...ownLetterAt(spec, at, letter), ...change }).filter(
    ([key, value]) => !(key in letter) && value !== null && value !== undefined,
  );
  const own = parts.length === 0 ? [] : [{ line, no, character, ...Object.fromEntries(parts) } as OwnLetter];
  const letters = [...others, ...own];
  if (letters.length === 0) return dropOverrides(spec, [at], ['letters']);
  return setOverrides(spec, [at], { kind: 'letters', letters }, randomBytes);
}
