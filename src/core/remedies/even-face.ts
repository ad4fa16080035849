import type { Artwork } from '../artwork';
import { strokesOf } from '../checks';
import { draftFit } from '../fit';
import { resetSlot } from '../resolve';
import type { FaceChoice } from '../shop';
import { facesUsed, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';
import { isSameOffer } from './same-offer';
import { withLetters } from './with-letters';

const MOST_FACES = 3;

/** Other faces of the run whose strokes a monogram's form leaves even, those first that are most even in it; nothing where none is. */
export function evenFaces(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const { slot, artwork } = report.fits[index]!;
  if (slot.isSpread) return [];
  const lines = new Set(artwork.formed.map(({ line }) => line));
  const own = ownSettingsAt(spec, slot.ref).letters ?? [];
  const meant = slot.words
    .filter(({ no }) => lines.has(no))
    .flatMap(({ no: line, text }) => lineLetters(text).map(({ no, character }) => ({ line, no, character })));
  const isWanted = ({ offer }: { readonly offer: RemedyOffer }) =>
    Number(trying.wanted !== undefined && isSameOffer(offer.sets, trying.wanted));
  return facesBeside(trying, index)
    .flatMap((choice) => {
      const letters = withLetters(
        own,
        meant.map((letter) => ({ ...letter, ...choice })),
      );
      if (!letters) return [];
      const draft = draftFit(resetSlot(spec, slot, { letters }), cache);
      if (draft.artwork.missing.length > 0) return [];
      const offer = offerOf(trying, index, { kind: 'evenFace', sets: [{ kind: 'letters', letters }], draft });
      return answers(offer, 'strokesUneven') ? { offer, uneven: unevenness(draft.artwork) } : [];
    })
    .sort((a, b) => isWanted(b) - isWanted(a) || Number(b.offer.passes) - Number(a.offer.passes) || a.uneven - b.uneven)
    .slice(0, MOST_FACES)
    .map(({ offer }) => offer);
}

/** Each once, without those that the text is set in. */
function facesBeside({ spec, report }: Trying, index: number): readonly FaceChoice[] {
  const used = new Set(report.fits[index]!.slot.lines.flatMap(({ runs }) => runs.map(({ face }) => face)));
  const beside = facesUsed(spec).filter(({ face }) => !used.has(face));
  return [...new Map(beside.map((choice) => [choice.face, choice])).values()];
}

function unevenness({ formed }: Artwork): number {
  return Math.max(...formed.map(({ letters }) => strokesOf(letters)?.formed ?? 1));
}
