import { type FaceOf, isJoinedFace, tightenLimitEm } from '../artwork';
import type { Finding } from '../finding';
import { type Draft, type Fit, draftFit } from '../fit';
import { assertNever } from '../outcome';
import { type Reset, type SetRun, type Slot, resetSlot } from '../resolve';
import { type Layer, hasLayerFor } from '../shop';
import type { OverrideSet, RemedyKind, RunSpec } from '../spec';
import { lineOf } from '../wording';
import { type RemedyOffer, type Trying, answers, offerOf } from './offer';
import { ownRemedies } from './own-remedies';

/** A text may gain this little and still be worth the change. */
const LEAST_GAIN = 1.005;

/** Only what makes the letters larger answers these. */
const BY_GAIN: ReadonlySet<Finding['kind']> = new Set(['tooSmall', 'belowSet', 'belowOwn']);

/**
 * Remedies for one fit of a report in the maker's order. With a finding that they are to answer, only those after which it is gone;
 * shortening, which nobody can work out, comes without a size. Without one, those that gain something, then what joins letters. Draws and measures each:
 * some 10 to 60 ms.
 */
export function remediesFor(
  trying: Trying,
  index: number,
  answering: Finding['kind'] | null = null,
): readonly RemedyOffer[] {
  const fit = trying.report.fits[index];
  // What lacks every letter has no ink, and other letters are just what it wants.
  if (!fit?.draft.space || !(fit.draft.ink || answering === 'characterMissing')) return [];
  const own = ownRemedies(trying, index, answering);
  // No size makes a film another one, or strokes even.
  if (answering === 'lowContrast' || answering === 'filmUnsuited' || answering === 'strokesUneven') return own;
  const ordered = trying.spec.remedies.order.flatMap((kind) => remedyOffer(trying, index, kind, answering) ?? []);
  return answering === null ? [...ordered, ...own] : [...own, ...ordered];
}

/** One remedy for one fit; null when it gains nothing, or leaves the finding that it is to answer. */
export function remedyOffer(
  trying: Trying,
  index: number,
  kind: RemedyKind,
  answering: Finding['kind'] | null = null,
): RemedyOffer | null {
  const fit = trying.report.fits[index];
  if (!fit?.draft.ink || !fit.draft.space) return null;
  const { draft } = fit;
  if (kind === 'shorten') {
    const asking = offerOf(trying, index, { kind, sets: [], draft });
    return answers(asking, answering) ? asking : null;
  }
  const tried = candidates(trying, fit, kind)
    .map(({ sets, slot }) => ({ sets, draft: draftFit(slot, trying.cache) }))
    .filter((one) => one.draft.artwork.missing.length === 0);
  const must = answering === null || BY_GAIN.has(answering) ? easeOf(draft) * LEAST_GAIN : 0;
  // A script stays a script where one of them will do.
  const { faceOf } = trying.cache;
  const isScript = isScriptDraft(draft, faceOf);
  const isAlike = (one: (typeof tried)[number]) =>
    isScriptDraft(one.draft, faceOf) === isScript && easeOf(one.draft) >= 1;
  const byEase = tried
    .filter((one) => easeOf(one.draft) >= must)
    .sort((a, b) => Number(isAlike(b)) - Number(isAlike(a)) || easeOf(b.draft) - easeOf(a.draft));
  for (const one of byEase) {
    const offer = offerOf(trying, index, { kind, ...one });
    if (answers(offer, answering)) return offer;
  }
  return null;
}

/** How far its largest capitals are above the least of its lettering. */
function easeOf(draft: Draft): number {
  return capOf(draft) / draft.slot.leastHeightMm;
}

function isScriptDraft({ slot }: Draft, faceOf: FaceOf): boolean {
  return isJoinedFace(faceOf(slot.leadFace));
}

function capOf({ largest, artwork }: Draft): number {
  return (largest?.emMm ?? 0) * artwork.capHeightEm;
}

interface Candidate {
  readonly sets: readonly OverrideSet[];
  readonly slot: Slot;
}

function candidates(trying: Trying, fit: Fit, kind: Exclude<RemedyKind, 'shorten'>): Candidate[] {
  const { spec } = trying;
  const { slot } = fit;
  const otherwise = (set: OverrideSet, reset: Reset): Candidate => ({
    sets: [set],
    slot: resetSlot(spec, slot, reset),
  });
  switch (kind) {
    case 'tighten': {
      const { now, trackingEm } = tightened(slot, resetSlot(spec, slot, { trackingEm: null }), trying.cache.faceOf);
      return now <= trackingEm ? [] : [otherwise({ kind: 'tracking', trackingEm }, { trackingEm })];
    }
    case 'condense':
      return condensed(trying, fit);
    case 'twoLines':
      return brokenInTwo(spec, slot);
    case 'narrowerFace':
      return spec.shop.letterings
        .filter(({ id, value }) => id !== slot.letteringId && canSay(slot, value.layers))
        .map(({ id }) => otherwise({ kind: 'lettering', letteringId: id }, { letteringId: id, trackingEm: null }));
    case 'offMiddle':
      return slot.liesLargest ? [] : [otherwise({ kind: 'lie', at: 'largest' }, { liesLargest: true })];
    default:
      return assertNever(kind);
  }
}

/** As close as the faces of the text bear it, from what its lettering has by itself. */
function tightened(slot: Slot, natural: Slot, faceOf: FaceOf): { readonly now: number; readonly trackingEm: number } {
  const widest = (of: Slot, from: (run: SetRun) => number) =>
    Math.max(-0.2, ...of.lines.flatMap(({ runs }) => runs.map(from)));
  return {
    now: widest(slot, (run) => run.trackingEm),
    trackingEm: widest(natural, (run) => run.trackingEm - tightenLimitEm(faceOf(run.face))),
  };
}

/** Another lettering has to have a layer for every colour that the text says. */
function canSay({ lines }: Slot, layers: readonly Layer[]): boolean {
  return lines.every(({ runs }) => runs.every((run) => hasLayerFor(layers, run.colourSlot)));
}

const NUM_HALVINGS = 4;

/** No narrower than it has to be: as the stop or the next text of the set asks, within the limit. */
function condensed({ spec, cache, report }: Trying, { slot, draft }: Fit): Candidate[] {
  const least = spec.remedies.condenseTo;
  const now = slot.widthShare;
  if (now <= least) return [];
  const at = (share: number): Candidate => ({
    sets: [{ kind: 'width', share }],
    slot: resetSlot(spec, slot, { widthShare: share }),
  });
  const set = report.setSizes[slot.group.id];
  const next = set?.costs.find(({ text }) => text === draft.sizable.text)?.withoutTheseMm ?? set?.withoutItMm ?? 0;
  const wantedMm = Math.max(slot.leastHeightMm, (next / draft.letterEm) * draft.artwork.capHeightEm);
  const isEnough = (share: number) => capOf(draftFit(at(share).slot, cache)) >= wantedMm;
  let [low, high] = [least, now];
  if (!isEnough(least)) return [at(least)];
  for (let i = 0; i < NUM_HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (isEnough(middle)) low = middle;
    else high = middle;
  }
  return [at(Math.max(least, Math.floor(low * 100) / 100))];
}

/** At every space, and behind every hyphen; words as they were before capitals were set. */
function brokenInTwo(spec: RunSpec, slot: Slot): Candidate[] {
  const [line, ...more] = slot.words;
  // A line whose parts differ was put together by somebody, and so was one with a tall part.
  const [run, ...others] = line?.runs ?? [];
  if (!line || !run || more.length > 0 || others.length > 0 || run.isTall || slot.isSpread) return [];
  return [...line.text.matchAll(/\s+|(?<=\S)-(?=\S)/gu)].flatMap((found): Candidate[] => {
    const at = found.index + (found[0] === '-' ? 1 : 0);
    const lines = [line.text.slice(0, at).trim(), line.text.slice(at).trim()];
    if (lines.some((text) => text === '')) return [];
    const words = lines.map((text, no) => lineOf(no, [{ ...run, text }]));
    return [{ sets: [{ kind: 'wording', lines }], slot: resetSlot(spec, slot, { setFrom: words }) }];
  });
}
