import { type ApartLetters, apartLetters, artJobOf } from '../artwork';
import { type Fit, draftFit } from '../fit';
import { type SetLine, type Slot, resetSlot } from '../resolve';
import { MOST_OWN_LETTERS, type OwnLetter, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, offerOf } from './offer';

/** Letters of a script that do not touch, joined by short strokes as wide as its own joins; nothing where none is short enough. */
export function bridgedLetters(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const { slot, artwork } = report.fits[index]!;
  if (slot.isSpread || artwork.absent.length > 0) return [];
  const apartIn = (of: Slot) => artJobOf(of).lines.flatMap((line) => apartLetters(line, cache.faceOf).length);
  const own = ownSettingsAt(spec, slot.ref).letters ?? [];
  const bridged = artJobOf(slot).lines.flatMap((line) => firstLetters(slot, line, apartLetters(line, cache.faceOf)));
  const isBridged = ({ line, no }: OwnLetter) => bridged.some((one) => one.line === line && one.no === no);
  const letters = [
    ...own.filter((one) => !isBridged(one)),
    ...bridged.map((letter) => ({
      ...own.find(
        ({ line, no, character }) => line === letter.line && no === letter.no && character === letter.character,
      ),
      ...letter,
      toNext: { kind: 'bridged' } as const,
    })),
  ];
  if (bridged.length === 0 || letters.length > MOST_OWN_LETTERS) return [];
  const then = resetSlot(spec, slot, { letters });
  const sum = (counts: readonly number[]) => counts.reduce((total, count) => total + count, 0);
  if (sum(apartIn(then)) >= sum(apartIn(slot))) return [];
  return [
    offerOf(trying, index, { kind: 'bridge', sets: [{ kind: 'letters', letters }], draft: draftFit(then, cache) }),
  ];
}

/** As they are worded: of a line that has another number of letters in its case it is not known which they are. */
function firstLetters(
  { words }: Fit['slot'],
  { no: line, runs }: SetLine,
  apart: readonly ApartLetters[],
): Pick<OwnLetter, 'line' | 'no' | 'character'>[] {
  const composed = runs.map(({ text }) => text.normalize('NFC'));
  const set = lineLetters(composed.join(''));
  const worded = lineLetters(words.find(({ no }) => no === line)?.text ?? '');
  if (set.length !== worded.length) return [];
  return apart.flatMap(({ run, at }) => {
    const from = composed.slice(0, run).join('').length;
    const letter = worded[set.findIndex((one) => one.at === from + at)];
    return letter ? [{ line, no: letter.no, character: letter.character }] : [];
  });
}
