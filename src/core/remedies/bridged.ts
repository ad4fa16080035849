import { type ApartLetters, apartInText } from '../artwork';
import { draftFit } from '../fit';
import { type SetLine, type Slot, resetSlot } from '../resolve';
import { type OwnLetter, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, offerOf } from './offer';
import { withLetters } from './with-letters';

/** Letters of a script that do not touch, joined by short strokes as wide as its own joins: those that are near enough. */
export function bridgedLetters(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const { slot, artwork } = report.fits[index]!;
  if (slot.isSpread || artwork.absent.length > 0) return [];
  const own = ownSettingsAt(spec, slot.ref).letters ?? [];
  const apartIn = (of: Slot) =>
    apartInText(of, cache.faceOf).flatMap(({ line, apart }) => firstLetters(slot, line, apart));
  const bridge = (changed: readonly OwnLetter[]) => {
    const letters = withLetters(own, changed);
    return letters && { letters, slot: resetSlot(spec, slot, { letters }) };
  };
  const tried = bridge(apartIn(slot));
  if (!tried) return [];
  // Some stand too far apart for a stroke: those stay as they are.
  const left = apartIn(tried.slot);
  const joined = apartIn(slot).filter((one) => !left.some(({ line, no }) => line === one.line && no === one.no));
  const done = joined.length > 0 && bridge(joined);
  if (!done) return [];
  const sets = [{ kind: 'letters', letters: done.letters }] as const;
  return [offerOf(trying, index, { kind: 'bridge', sets, draft: draftFit(done.slot, cache) })];
}

/** As they are worded: of a line that has another number of letters in its case it is not known which they are. */
function firstLetters(
  { words }: Slot,
  { no: line, runs }: SetLine,
  apart: readonly ApartLetters[],
): readonly OwnLetter[] {
  const composed = runs.map(({ text }) => text.normalize('NFC'));
  const set = lineLetters(composed.join(''));
  const worded = lineLetters(words.find(({ no }) => no === line)?.text ?? '');
  if (set.length !== worded.length) return [];
  return apart.flatMap(({ run, at }) => {
    const from = composed.slice(0, run).join('').length;
    const letter = worded[set.findIndex((one) => one.at === from + at)];
    return letter ? [{ line, no: letter.no, character: letter.character, toNext: { kind: 'bridged' } }] : [];
  });
}
