import type { ArtCache } from '../artwork';
import { type Finding, hasStop } from '../finding';
import { findingsOf, measureFindings, measureLayer } from '../checks';
import { type Draft, type Fit, type FitReport, type SetSize, draftFit, setSize, sizeText } from '../fit';
import { assertNever } from '../outcome';
import { type Reset, type SetRun, type Slot, resetSlot } from '../resolve';
import { isConnectedFace, tightenLimitEm } from '../shop';
import type { OverrideSet, RemedyKind, RunSpec } from '../spec';
import { lineOf } from '../wording';

/** What one remedy would do to a text, and to the others of its set. */
export interface RemedyOffer {
  readonly kind: RemedyKind;
  /** What it changes for this text; empty where somebody has to be asked first. */
  readonly sets: readonly OverrideSet[];
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  /** The letter height that the rest of the set would have then; null where nothing is common. */
  readonly othersMm: number | null;
  /** No stop is left and nothing is finer than the material takes. */
  readonly passes: boolean;
  readonly findings: readonly Finding[];
}

/** A text may gain this little and still be worth the change. */
const LEAST_GAIN = 1.005;

/**
 * Remedies for one fit of a report in the maker's order; those that gain nothing are left out, and shortening, which nobody can
 * work out, comes without a size. Draws and measures each: some 10 to 60 ms.
 */
export function remediesFor(spec: RunSpec, report: FitReport, index: number, cache: ArtCache): RemedyOffer[] {
  const fit = report.fits[index];
  if (!fit?.draft.ink || !fit.draft.space) return [];
  return spec.remedies.order.flatMap((kind) => remedyOffer({ spec, report, cache }, index, kind) ?? []);
}

/** What remedies are tried with. */
export interface Trying {
  readonly spec: RunSpec;
  readonly report: FitReport;
  readonly cache: ArtCache;
}

/** One remedy for one fit; null when it gains nothing. */
export function remedyOffer(trying: Trying, index: number, kind: RemedyKind): RemedyOffer | null {
  const fit = trying.report.fits[index];
  if (!fit?.draft.ink || !fit.draft.space) return null;
  const { draft } = fit;
  if (kind === 'shorten') return offerOf(trying, index, { kind, sets: [], draft });
  const tried = candidates(trying, fit, kind)
    .map(({ sets, slot }) => ({ sets, draft: draftFit(slot, trying.cache) }))
    .filter((one) => one.draft.artwork.missing.length === 0);
  // A script stays a script where one of them will do.
  const isScript = isScriptDraft(draft);
  const alike = tried.filter((one) => isScriptDraft(one.draft) === isScript && easeOf(one.draft) >= 1);
  const best = (alike.length > 0 ? alike : tried).reduce<(typeof tried)[number] | null>(
    (most, one) => (!most || easeOf(one.draft) > easeOf(most.draft) ? one : most),
    null,
  );
  if (!best || easeOf(best.draft) < easeOf(draft) * LEAST_GAIN) return null;
  return offerOf(trying, index, { kind, ...best });
}

/** How far its largest capitals are above the least of its lettering. */
function easeOf(draft: Draft): number {
  return capOf(draft) / draft.slot.leastHeightMm;
}

function isScriptDraft({ slot }: Draft): boolean {
  return isConnectedFace(slot.leadFace);
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
      const { now, trackingEm } = tightened(slot, resetSlot(spec, slot, { trackingEm: null }));
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
function tightened(slot: Slot, natural: Slot): { readonly now: number; readonly trackingEm: number } {
  const widest = (of: Slot, from: (run: SetRun) => number) =>
    Math.max(-0.2, ...of.lines.flatMap(({ runs }) => runs.map(from)));
  return {
    now: widest(slot, (run) => run.trackingEm),
    trackingEm: widest(natural, (run) => run.trackingEm - tightenLimitEm(run.face)),
  };
}

/** Another lettering has to have a layer for every colour that the text says. */
function canSay({ lines }: Slot, layers: readonly { readonly slot: string }[]): boolean {
  return lines.every(({ runs }) => runs.every((run) => layers.some(({ slot }) => slot === run.colourSlot)));
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

interface Tried {
  readonly kind: RemedyKind;
  readonly sets: readonly OverrideSet[];
  readonly draft: Draft;
}

function offerOf({ report }: Trying, index: number, { kind, sets, draft }: Tried): RemedyOffer {
  const { artwork, slot } = draft;
  const set = setWith(report, index, draft);
  const text = sizeText(draft.sizable, slot.group.rule, set);
  const emMm = text.letterMm / draft.letterEm;
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
  const findings = [...findingsOf(tried), ...measured];
  return {
    kind,
    sets,
    capHeightMm: emMm * artwork.capHeightEm,
    inkWidthMm: (draft.ink?.widthEm ?? 0) * emMm,
    othersMm: set?.letterMm ?? null,
    passes: !hasStop(findings) && !findings.some((one) => one.severity !== 'note' && LIMITS.has(one.kind)),
    findings,
  };
}

const LIMITS: ReadonlySet<Finding['kind']> = new Set(['thinStroke', 'narrowGap', 'smallHole']);

/** The set as it would be with this draft in the place of its own. */
function setWith({ fits }: FitReport, index: number, draft: Draft): SetSize | null {
  const { group } = draft.slot;
  const members = fits.flatMap(({ slot, draft: own }, i) =>
    slot.group.id !== group.id ? [] : [i === index ? draft.sizable : own.sizable],
  );
  return setSize(group.rule, members);
}
