import { isJoinedFace, stemOf } from '../artwork';
import { type Face, facesCovering } from '../faces';
import { type Fit, draftFit } from '../fit';
import { resetSlot } from '../resolve';
import { type FaceChoice, isShippedFace } from '../shop';
import { LETTER_LIMITS, type OwnLetter, facesUsed, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';
import { faceIn } from './same-offer';
import { withLetters } from './with-letters';

const MOST_FACES = 3;
/** Letters whose heights differ by less stay as they are drawn. */
const LEAST_RESIZING = 0.02;

/** Shipped faces that have the letters which a text lacks: they have to be there before its remedies are tried. */
export function facesForMissing({ artwork }: Pick<Fit, 'artwork'>): readonly string[] {
  if (artwork.missing.length === 0) return [];
  return facesCovering(artwork.missing.map(({ character }) => character.normalize('NFC')));
}

/** Letters that the face lacks, from those faces that look most like it: joined as it is, then of the nearest weight; as tall as its own. */
export function lettersOfOtherFace(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const fit = report.fits[index]!;
  const { slot } = fit;
  if (slot.isSpread || fit.artwork.absent.length > 0) return [];
  const lead = cache.faceOf(slot.leadFace);
  const lacking = missingLetters(fit);
  const wanted = trying.wanted && faceIn(trying.wanted);
  const isWanted = ({ face }: FaceChoice) => Number(face === wanted);
  const nearest = facesWith(trying, fit)
    .map((one) => ({ ...one, drawn: cache.faceOf(one.face) }))
    .sort((a, b) => isWanted(b) - isWanted(a) || unlike(a.drawn, lead) - unlike(b.drawn, lead));
  const offers: RemedyOffer[] = [];
  for (const { drawn, ...choice } of nearest) {
    const size = lead.capHeightEm / drawn.capHeightEm;
    const letters = lacking.map((letter) => ({ ...letter, ...choice, ...sizeOf(size) }));
    const all = withLetters(ownSettingsAt(spec, slot.ref).letters ?? [], letters);
    if (!all) return [];
    const set = { kind: 'letters', letters: all } as const;
    const draft = draftFit(resetSlot(spec, slot, { letters: set.letters }), cache);
    const offer = offerOf(trying, index, { kind: 'otherFace', sets: [set], draft });
    if (answers(offer, 'characterMissing')) offers.push(offer);
    if (offers.length === MOST_FACES) break;
  }
  return offers;
}

/** Shipped faces that have what is missing, and those of the run's own that do. */
function facesWith({ spec, cache }: Trying, fit: Fit): readonly FaceChoice[] {
  const characters = fit.artwork.missing.map(({ character }) => character.normalize('NFC'));
  const has = (face: Face) =>
    characters.every((character) => face.shape(character, [], 0).glyphs.every(({ glyphId }) => glyphId !== 0));
  const own = new Map(facesUsed(spec).map((choice) => [choice.face, choice]));
  return [
    ...facesForMissing(fit).map((face) => ({ face })),
    ...[...own.values()].filter(({ face }) => !isShippedFace(face) && has(cache.faceOf(face))),
  ];
}

function sizeOf(size: number): Pick<OwnLetter, 'size'> {
  if (Math.abs(size - 1) < LEAST_RESIZING) return {};
  return { size: Math.min(LETTER_LIMITS.mostSize, Math.max(LETTER_LIMITS.leastSize, Math.round(size * 100) / 100)) };
}

/** Whether it joins counts for more than any weight. */
function unlike(face: Face, lead: Face): number {
  const weight = Math.abs(Math.log(stemOf(face) / face.capHeightEm / (stemOf(lead) / lead.capHeightEm)));
  return weight + (isJoinedFace(face) === isJoinedFace(lead) ? 0 : 10);
}

/** In their lines as they are worded: what lacks a capital was typed small, perhaps. */
function missingLetters({ slot, artwork }: Fit): Pick<OwnLetter, 'line' | 'no' | 'character'>[] {
  const lacking = new Set(artwork.missing.map(({ line, character }) => `${line} ${alike(character)}`));
  return slot.words.flatMap(({ no: line, text }) =>
    lineLetters(text).flatMap(({ no, character }) =>
      lacking.has(`${line} ${alike(character)}`) ? [{ line, no, character }] : [],
    ),
  );
}

function alike(character: string): string {
  return character.normalize('NFC').toLocaleUpperCase('en').toLocaleLowerCase('en');
}
