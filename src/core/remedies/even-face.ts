import type { Artwork } from '../artwork';
import { strokeFindings, strokesOf } from '../checks';
import { facesCovering } from '../faces';
import { type Fit, draftFit } from '../fit';
import { resetSlot } from '../resolve';
import type { FaceChoice } from '../shop';
import { facesUsed, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';
import { faceIn } from './same-offer';
import { withLetters } from './with-letters';

const MOST_FACES = 3;

/** Shipped faces that a monogram whose form spoils its strokes may be set in instead: they have to be there before its remedies are tried. */
export function facesForEven(fit: Pick<Fit, 'artwork' | 'slot'>): readonly string[] {
  if (strokeFindings(fit).length === 0) return [];
  return facesCovering(formedLetters(fit).map(({ character }) => character.normalize('NFC')));
}

/**
 * Faces whose strokes a monogram's form leaves even, those first that are most even in it: others of the run, and where none of them
 * is, shipped ones. Nothing where no face is. Only the wanted face where one is.
 */
export function evenFaces(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, report } = trying;
  const fit = report.fits[index]!;
  if (fit.slot.isSpread) return [];
  const used = new Set(fit.slot.lines.flatMap(({ runs }) => runs.map(({ face }) => face)));
  const wanted = trying.wanted && faceIn(trying.wanted);
  const beside = (choices: readonly FaceChoice[]) =>
    [...new Map(choices.map((choice) => [choice.face, choice])).values()].filter(
      ({ face }) => !used.has(face) && (wanted === undefined || face === wanted),
    );
  const own = beside(facesUsed(spec));
  const offers = mostEven(trying, index, own);
  if (offers.length > 0) return offers;
  const ofRun = new Set(own.map(({ face }) => face));
  return mostEven(
    trying,
    index,
    beside(facesForEven(fit).map((face) => ({ face }))).filter(({ face }) => !ofRun.has(face)),
  );
}

function mostEven(trying: Trying, index: number, choices: readonly FaceChoice[]): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const fit = report.fits[index]!;
  const own = ownSettingsAt(spec, fit.slot.ref).letters ?? [];
  const meant = formedLetters(fit);
  return choices
    .flatMap((choice) => {
      const letters = withLetters(
        own,
        meant.map((letter) => ({ ...letter, ...choice })),
      );
      if (!letters) return [];
      const draft = draftFit(resetSlot(spec, fit.slot, { letters }), cache);
      if (draft.artwork.missing.length > 0) return [];
      const offer = offerOf(trying, index, { kind: 'evenFace', sets: [{ kind: 'letters', letters }], draft });
      return answers(offer, 'strokesUneven') ? { offer, uneven: unevenness(draft.artwork) } : [];
    })
    .sort((a, b) => Number(b.offer.passes) - Number(a.offer.passes) || a.uneven - b.uneven)
    .slice(0, MOST_FACES)
    .map(({ offer }) => offer);
}

/** The letters of the lines that have a form, as they are worded. */
function formedLetters({ slot, artwork }: Pick<Fit, 'artwork' | 'slot'>) {
  const lines = new Set(artwork.formed.map(({ line }) => line));
  return slot.words
    .filter(({ no }) => lines.has(no))
    .flatMap(({ no: line, text }) => lineLetters(text).map(({ no, character }) => ({ line, no, character })));
}

function unevenness({ formed }: Artwork): number {
  return Math.max(...formed.map(({ letters }) => strokesOf(letters)?.formed ?? 1));
}
