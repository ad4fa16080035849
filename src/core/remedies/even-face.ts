import type { Finding } from '../finding';
import { draftFit } from '../fit';
import { resetSlot } from '../resolve';
import type { FaceChoice } from '../shop';
import { MOST_OWN_LETTERS, facesUsed, ownSettingsAt } from '../spec';
import { lineLetters } from '../wording';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';

const MOST_FACES = 3;

/** Other faces of the run whose strokes a monogram's form leaves even, those first that it changes least; nothing where none is. */
export function evenFaces(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const { slot, artwork } = report.fits[index]!;
  const lines = new Set(artwork.formed.map(({ line }) => line));
  const own = ownSettingsAt(spec, slot.ref).letters ?? [];
  const letters = slot.words
    .filter(({ no }) => lines.has(no))
    .flatMap(({ no: line, text }) => lineLetters(text).map(({ no, character }) => ({ line, no, character })));
  const others = own.filter(({ line }) => !lines.has(line));
  if (slot.isSpread || letters.length + others.length > MOST_OWN_LETTERS) return [];
  const offers = facesBeside(trying, index).map((choice) => {
    const set = {
      kind: 'letters',
      letters: [...others, ...letters.map((letter) => ({ ...letter, ...choice }))],
    } as const;
    return offerOf(trying, index, {
      kind: 'evenFace',
      sets: [set],
      draft: draftFit(resetSlot(spec, slot, { letters: set.letters }), cache),
    });
  });
  return offers
    .filter((offer) => answers(offer, 'strokesUneven') && !has(offer, 'characterMissing'))
    .sort((a, b) => Number(b.passes) - Number(a.passes) || b.capHeightMm - a.capHeightMm)
    .slice(0, MOST_FACES);
}

/** Each once, without those that the text is set in. */
function facesBeside({ spec, report }: Trying, index: number): readonly FaceChoice[] {
  const used = new Set(report.fits[index]!.slot.lines.flatMap(({ runs }) => runs.map(({ face }) => face)));
  const beside = facesUsed(spec).filter(({ face }) => !used.has(face));
  return [...new Map(beside.map((choice) => [choice.face, choice])).values()];
}

function has({ findings }: RemedyOffer, kind: Finding['kind']): boolean {
  return findings.some((finding) => finding.kind === kind);
}
