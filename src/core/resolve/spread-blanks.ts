import { styleOf } from '../shop';
import { type PlaceUse, type RunSpec, findLettering } from '../spec';
import { type WordedLine, lettersOf, lineInCase } from '../wording';
import type { SettingChoice } from './set-text';

/** Of a text that is spread over blanks: its letters, then the blanks that carry the motif. */
export type BlankText = WordedLine | typeof MOTIF_BLANK;
export const MOTIF_BLANK = 'motif';

/** A motif alone is one shape, whatever the words would have been. */
export function isSpreadAt({ wording, motif }: PlaceUse): boolean {
  return motif?.spot !== 'alone' && wording?.spread === 'letterPerBlank';
}

/** Blanks of one copy that carry the motif; without one they are only counted. */
function motifBlanks({ wording, motif }: PlaceUse): readonly (typeof MOTIF_BLANK)[] {
  return motif ? Array.from({ length: wording?.motifBlanks ?? 0 }, () => MOTIF_BLANK) : [];
}

/** A blank of a spread text has its letter or the motif, never both; no letter of it stands in a line. */
export function choiceOnBlank({ motif, letters: _, ...choice }: SettingChoice, isMotifBlank: boolean): SettingChoice {
  const { heightMm: _mm, ...alone } = motif ?? {};
  return { ...choice, motif: motif && isMotifBlank ? { ...motif, ...alone, spot: 'alone', share: 1 } : undefined };
}

/** What each blank of one copy gets, in their order. */
export function blankTexts(
  spec: RunSpec,
  words: readonly WordedLine[],
  { letteringId }: Pick<SettingChoice, 'letteringId'>,
  place: PlaceUse,
): BlankText[] {
  return [...spreadOf(spec, words, letteringId), ...motifBlanks(place)];
}

/** Letters are told apart after capitals are set, since ß gives two; they are not set again. */
function spreadOf(spec: RunSpec, words: readonly WordedLine[], letteringId: string): WordedLine[] {
  const lettering = findLettering(spec, letteringId);
  return lettersOf(words.map((line) => lineInCase(line, styleOf(lettering, line.no).caseForm, spec.language)));
}
