import { isJoinedFace } from '../artwork';
import { LEAST_BORDER_SHARE, borderFindings } from '../checks';
import { contrastOf, contrastProblem } from '../colour';
import type { Finding } from '../finding';
import { draftFit } from '../fit';
import { resetSlot } from '../resolve';
import { ownSettingsAt } from '../spec';
import { type Process, isCut, processFacts, processOf } from '../shop';
import { bridgedLetters } from './bridged';
import { evenFaces } from './even-face';
import { lettersOfOtherFace } from './other-face';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';

/** What answers one kind of finding alone, and stands in no order of the maker's; without one, what is worth knowing and gains no size. */
export function ownRemedies(trying: Trying, index: number, answering: Finding['kind'] | null): readonly RemedyOffer[] {
  if (answering === 'lowContrast' || answering === 'filmUnsuited') return films(trying, index, answering);
  if (answering === 'characterMissing') return lettersOfOtherFace(trying, index);
  if (answering === null) return bridgedLetters(trying, index);
  if (answering === 'strokesUneven') return evenFaces(trying, index);
  if (answering === 'borderCloses') return narrowedBorder(trying, index);
  if (answering !== 'narrowGap' && answering !== 'lettersNear') return [];
  const looser = loosened(trying, index, answering);
  return looser ? [looser] : [];
}

const MOST_FILMS = 4;

/** Films that are bonded the same way, suit the blank and are told from it, the best first. Layers of their own colours are chosen by hand. */
function films(trying: Trying, index: number, answering: 'lowContrast' | 'filmUnsuited'): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const { slot } = report.fits[index]!;
  const blank = slot.variant?.colour.hex;
  if (slot.layers.length > 1 || blank === undefined) return [];
  const tried = spec.shop.materials
    .filter(({ id, value }) =>
      slot.layers.every(
        ({ materialId, material }) =>
          id !== materialId && isBondedAlike(answering, processOf(value), processOf(material)),
      ),
    )
    .filter(({ value }) => contrastProblem(value.colour.hex, blank) === null)
    .sort((a, b) => contrastOf(b.value.colour.hex, blank) - contrastOf(a.value.colour.hex, blank));
  const offers: RemedyOffer[] = [];
  for (const { id } of tried) {
    const draft = draftFit(resetSlot(spec, slot, { ownMaterialId: id }), cache);
    const offer = offerOf(trying, index, { kind: 'film', sets: [{ kind: 'material', materialId: id }], draft });
    if (answers(offer, 'lowContrast') && answers(offer, 'filmUnsuited')) offers.push(offer);
    if (offers.length === MOST_FILMS) break;
  }
  return offers;
}

/** Ink where ink does not go gives way to film; otherwise what is worked on stays what it is. */
function isBondedAlike(answering: 'lowContrast' | 'filmUnsuited', one: Process, other: Process): boolean {
  if (answering === 'lowContrast') return one === other;
  return isCut(one) && processFacts(one).bondedWord === processFacts(other).bondedWord;
}

/**
 * As wide as leaves every hole open by what its film takes, or at least open. With less around them the letters may be larger, or not:
 * what comes out is looked at.
 */
function narrowedBorder(trying: Trying, index: number): readonly RemedyOffer[] {
  const { spec, cache, report } = trying;
  const fit = report.fits[index]!;
  const { slot } = fit;
  const finding = borderFindings(fit).find((one) => one.kind === 'borderCloses');
  const border = slot.layers.find(({ id }) => id === finding?.at?.layerId);
  if (finding?.kind !== 'borderCloses' || finding.passesReachMm === null || border?.make.kind !== 'border') return [];
  const now = ownSettingsAt(spec, slot.ref).borderShare ?? 1;
  const { fillsUnderMm } = border.make;
  const roomMm = finding.passesReachMm + fillsUnderMm / 2;
  const reaches = [roomMm - Math.max(fillsUnderMm, border.material.finest.holeMm) / 2, finding.passesReachMm];
  for (const reachMm of reaches) {
    const most = Math.floor(100 * now * Math.min(1, reachMm / finding.reachMm) - 1e-6);
    for (let percent = most; percent >= 100 * LEAST_BORDER_SHARE; percent -= 2) {
      const set = { kind: 'border', share: percent / 100 } as const;
      const draft = draftFit(resetSlot(spec, slot, { borderShare: set.share }), cache);
      const offer = offerOf(trying, index, { kind: 'border', sets: [set], draft });
      if (answers(offer, 'borderCloses')) return [offer];
    }
  }
  return [];
}

/** Letters that stand farther apart than so look like single ones. */
const MOST_LOOSENED_EM = 0.12;
const NUM_STEPS = 12;

/** As little more tracking as it needs; letters that join cannot be drawn apart. */
function loosened(trying: Trying, index: number, answering: Finding['kind']): RemedyOffer | null {
  const { spec, cache, report } = trying;
  const { slot } = report.fits[index]!;
  const runs = slot.lines.flatMap((line) => line.runs);
  if (runs.some(({ face }) => isJoinedFace(cache.faceOf(face)))) return null;
  const now = Math.max(...runs.map((run) => run.trackingEm));
  for (let step = 1; step <= NUM_STEPS; step++) {
    const trackingEm = Math.round((now + (MOST_LOOSENED_EM * step) / NUM_STEPS) * 1000) / 1000;
    const draft = draftFit(resetSlot(spec, slot, { trackingEm }), cache);
    const offer = offerOf(trying, index, { kind: 'loosen', sets: [{ kind: 'tracking', trackingEm }], draft });
    if (answers(offer, answering)) return offer;
  }
  return null;
}
