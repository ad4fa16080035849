import type { ArtCache } from '../artwork';
import { findingsOf, letterFindings, measureFindings, measureLayer } from '../checks';
import { type Finding, hasStop } from '../finding';
import { type Draft, type Fit, type FitReport, type SetSize, setSize, sizeText, widthAt } from '../fit';
import type { OverrideSet, RemedyKind, RunSpec } from '../spec';

/** Those that the maker puts in order, and what answers one finding alone: another film, letters farther apart, a narrower border, letters of another face, strokes between letters. */
export type OfferKind = RemedyKind | 'film' | 'loosen' | 'border' | 'otherFace' | 'evenFace' | 'bridge';

/** What one remedy would do to a text, and to the others of its set. */
export interface RemedyOffer {
  readonly kind: OfferKind;
  /** What it changes for this text; empty where somebody has to be asked first. */
  readonly sets: readonly OverrideSet[];
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  /** The letter height that the rest of the set would have then; null where nothing is common. */
  readonly othersMm: number | null;
  /** How many others of the set would be smaller than their least by it, and are not now. */
  readonly othersStopped: number;
  /** No stop is left and nothing is finer than the material takes. */
  readonly passes: boolean;
  readonly findings: readonly Finding[];
}

/** What remedies are tried with. */
export interface Trying {
  readonly spec: RunSpec;
  readonly report: FitReport;
  readonly cache: ArtCache;
  /** What was taken for another text and is wanted here as well: it comes before others where it answers. */
  readonly wanted?: readonly OverrideSet[];
}

/** They are answered by larger letters, so that also a shorter text may help. */
const BY_SIZE: ReadonlySet<Finding['kind']> = new Set([
  'tooSmall',
  'belowSet',
  'belowOwn',
  'thinStroke',
  'smallHole',
  'narrowGap',
  'lettersNear',
  'borderCloses',
  'largerThanBed',
]);
/** Whether the finding is gone by it. */
export function answers({ kind, findings }: RemedyOffer, answering: Finding['kind'] | null): boolean {
  if (answering === null) return true;
  if (kind === 'shorten') return BY_SIZE.has(answering);
  return !findings.some((finding) => finding.kind === answering && finding.severity !== 'note');
}

/** A remedy with the draft that it leads to. */
export interface Tried {
  readonly kind: OfferKind;
  readonly sets: readonly OverrideSet[];
  readonly draft: Draft;
}

export function offerOf({ report, cache }: Trying, index: number, { kind, sets, draft }: Tried): RemedyOffer {
  const { slot } = draft;
  const set = setWith(report, index, draft);
  const text = sizeText(draft.sizable, slot.group.rule, set);
  const emMm = text.letterMm / draft.letterEm;
  const artwork = draft.artwork.at(emMm);
  const tried: Fit = {
    ...report.fits[index]!,
    slot,
    artwork,
    draft,
    emMm,
    sized: text,
    set,
    layers: slot.layers.map((layer) => ({ layer, part: null, spot: null, onBlank: null })),
  };
  const measured = slot.layers.flatMap(({ material }, i) =>
    measureFindings(tried, i, measureLayer(artwork, i, emMm, material.finest), false),
  );
  const findings = [...findingsOf(tried), ...measured, ...letterFindings(tried, cache.faceOf)];
  return {
    kind,
    sets,
    capHeightMm: emMm * artwork.capHeightEm,
    inkWidthMm: widthAt(artwork, emMm),
    othersMm: set?.letterMm ?? null,
    othersStopped: numStopped(report, index, set),
    passes: !hasStop(findings) && !findings.some((one) => one.severity !== 'note' && LIMITS.has(one.kind)),
    findings,
  };
}

const LIMITS: ReadonlySet<Finding['kind']> = new Set(['thinStroke', 'narrowGap', 'smallHole']);

/** Others of its group that would fall below their least height in such a set, and do not in the one that there is. */
function numStopped({ fits }: FitReport, index: number, set: SetSize | null): number {
  const { slot: own } = fits[index]!;
  if (!set) return 0;
  const others = fits.filter(
    ({ slot, draft }, i) => i !== index && slot.group.id === own.group.id && draft.ink !== null,
  );
  return others.filter(({ slot, draft, sized, artwork }) => {
    const capMm = (letterMm: number) => (letterMm / draft.letterEm) * artwork.capHeightEm;
    const then = sizeText(draft.sizable, slot.group.rule, set);
    return capMm(then.letterMm) < slot.leastHeightMm && capMm(sized.letterMm) >= slot.leastHeightMm;
  }).length;
}

/** The set as it would be with this draft in the place of its own. */
function setWith({ fits }: FitReport, index: number, draft: Draft): SetSize | null {
  const { group } = draft.slot;
  const members = fits.flatMap(({ slot, draft: own }, i) =>
    slot.group.id !== group.id ? [] : [i === index ? draft.sizable : own.sizable],
  );
  return setSize(group.rule, members);
}
