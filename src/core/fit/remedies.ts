import { type Finding, hasStop } from '../finding';
import { applyCase } from '../lettering';
import { type OverrideSet, type RemedyKind, type RunSpec, findLettering } from '../spec';
import { isConnectedFace, tightenLimitEm } from '../shop';
import { type Draft, draftFit } from './draft-fit';
import { fitFindings } from './fit-findings';
import { finestOf, measureFindings, measureText } from './fit-measures';
import type { FitReport } from './fit-run';
import type { FitSlot } from './fit-slots';
import { type SetSize, setSize, sizeText } from './size-set';
import type { TextCache } from './text-cache';

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
export function remediesFor(spec: RunSpec, report: FitReport, index: number, cache: TextCache): RemedyOffer[] {
  const draft = report.drafts[index];
  if (!draft?.ink || !draft.space) return [];
  return spec.remedies.order.flatMap((kind) => remedyOffer(spec, report, index, kind, cache) ?? []);
}

/** One remedy for one fit; null when it gains nothing. */
export function remedyOffer(
  spec: RunSpec,
  report: FitReport,
  index: number,
  kind: RemedyKind,
  cache: TextCache,
): RemedyOffer | null {
  const draft = report.drafts[index];
  if (!draft?.ink || !draft.space) return null;
  if (kind === 'shorten') return offerOf(spec, report, index, draft, kind, []);
  const tried = candidates(spec, report, draft, kind, cache)
    .map(({ sets, slot }) => ({ sets, draft: draftFit(spec, slot, cache) }))
    .filter((one) => one.draft.lettered.missing.length === 0);
  // A script stays a script where one of them will do.
  const isScript = isScriptDraft(draft);
  const alike = tried.filter((one) => isScriptDraft(one.draft) === isScript && easeOf(one.draft) >= 1);
  const best = (alike.length > 0 ? alike : tried).reduce<(typeof tried)[number] | null>(
    (most, one) => (!most || easeOf(one.draft) > easeOf(most.draft) ? one : most),
    null,
  );
  if (!best || easeOf(best.draft) < easeOf(draft) * LEAST_GAIN) return null;
  return offerOf(spec, report, index, best.draft, kind, best.sets);
}

/** How far its largest capitals are above the least of its lettering. */
function easeOf(draft: Draft): number {
  return capOf(draft) / draft.lettering.minLetterHeightMm;
}

function isScriptDraft({ lettering }: Draft): boolean {
  return isConnectedFace(lettering.lines[0]!.face);
}

function capOf({ largest, lettered }: Draft): number {
  return (largest?.emMm ?? 0) * lettered.capHeightEm;
}

interface Candidate {
  readonly sets: readonly OverrideSet[];
  readonly slot: FitSlot;
}

function candidates(
  spec: RunSpec,
  report: FitReport,
  draft: Draft,
  kind: Exclude<RemedyKind, 'shorten'>,
  cache: TextCache,
): Candidate[] {
  const { slot } = draft;
  switch (kind) {
    case 'tighten': {
      const [line] = findLettering(spec, slot.place.letteringId).lines;
      const trackingEm = Math.max(-0.2, (line?.trackingEm ?? 0) - tightenLimitEm(line?.face ?? ''));
      if ((slot.own.trackingEm ?? line?.trackingEm ?? 0) <= trackingEm) return [];
      return [{ sets: [{ kind: 'tracking', trackingEm }], slot: { ...slot, own: { ...slot.own, trackingEm } } }];
    }
    case 'condense':
      return condensed(spec, report, draft, cache);
    case 'twoLines':
      return brokenInTwo(spec, slot);
    case 'narrowerFace':
      return spec.shop.letterings
        .filter(({ id }) => id !== slot.place.letteringId)
        .map(({ id }) => ({
          sets: [{ kind: 'lettering', letteringId: id }],
          slot: lettered(spec, slot, id),
        }));
  }
}

/** In another lettering, whose capitals may be set otherwise. */
function lettered(spec: RunSpec, slot: FitSlot, letteringId: string): FitSlot {
  const [line] = findLettering(spec, letteringId).lines;
  const words = slot.lines.some(({ large }) => large)
    ? slot.lines
    : slot.words.map((text) => ({ text: applyCase(text, line!.caseForm, spec.language), large: null }));
  const { trackingEm: _, ...own } = slot.own;
  return { ...slot, own, place: { ...slot.place, letteringId }, lines: words, text: words.map(({ text }) => text) };
}

const NUM_HALVINGS = 4;

/** No narrower than it has to be: as the stop or the next text of the set asks, within the limit. */
function condensed(spec: RunSpec, report: FitReport, draft: Draft, cache: TextCache): Candidate[] {
  const { slot, lettering } = draft;
  const least = spec.remedies.condenseTo;
  const now = slot.own.widthShare ?? 1;
  if (now <= least) return [];
  const at = (share: number): Candidate => ({
    sets: [{ kind: 'width', share }],
    slot: { ...slot, own: { ...slot.own, widthShare: share } },
  });
  const set = report.setSizes[draft.group.id];
  const next = set?.costs.find(({ text }) => text === draft.sizable.text)?.withoutTheseMm ?? set?.withoutItMm ?? 0;
  const wantedMm = Math.max(lettering.minLetterHeightMm, (next / draft.letterEm) * draft.lettered.capHeightEm);
  let [low, high] = [least, now];
  if (capOf(draftFit(spec, at(least).slot, cache)) < wantedMm) return [at(least)];
  for (let i = 0; i < NUM_HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (capOf(draftFit(spec, at(middle).slot, cache)) >= wantedMm) low = middle;
    else high = middle;
  }
  return [at(Math.max(least, Math.floor(low * 100) / 100))];
}

/** At every space, and behind every hyphen; words as they were before capitals were set. */
function brokenInTwo(spec: RunSpec, slot: FitSlot): Candidate[] {
  const [words] = slot.words;
  if (slot.words.length !== 1 || words === undefined || slot.lines.some(({ large }) => large)) return [];
  const { caseForm } = findLettering(spec, slot.place.letteringId).lines[0]!;
  return [...words.matchAll(/\s+|(?<=\S)-(?=\S)/gu)].flatMap((found): Candidate[] => {
    const at = found.index + (found[0] === '-' ? 1 : 0);
    const lines = [words.slice(0, at).trim(), words.slice(at).trim()];
    if (lines.some((line) => line === '')) return [];
    const text = lines.map((line) => applyCase(line, caseForm, spec.language));
    return [
      {
        sets: [{ kind: 'wording', lines }],
        slot: { ...slot, words: lines, text, lines: text.map((line) => ({ text: line, large: null })) },
      },
    ];
  });
}

function offerOf(
  spec: RunSpec,
  report: FitReport,
  index: number,
  draft: Draft,
  kind: RemedyKind,
  sets: readonly OverrideSet[],
): RemedyOffer {
  const { group, lettered: drawn, slot } = draft;
  const set = setWith(report, index, draft);
  const text = sizeText(draft.sizable, group.rule, set);
  const emMm = text.letterMm / draft.letterEm;
  const finest = finestOf(spec, slot);
  const findings = [
    ...fitFindings(spec, draft, text, set),
    ...measureFindings(drawn, emMm, measureText(drawn, emMm, finest), finest, false),
  ];
  return {
    kind,
    sets,
    capHeightMm: emMm * drawn.capHeightEm,
    inkWidthMm: (draft.ink?.widthEm ?? 0) * emMm,
    othersMm: set?.letterMm ?? null,
    passes: !hasStop(findings) && !findings.some((one) => one.severity !== 'note' && LIMITS.has(one.kind)),
    findings,
  };
}

const LIMITS: ReadonlySet<Finding['kind']> = new Set(['thinStroke', 'narrowGap', 'smallHole']);

/** The set as it would be with this draft in the place of its own. */
function setWith({ drafts }: FitReport, index: number, draft: Draft): SetSize | null {
  const members = drafts.flatMap((one, i) =>
    one.group.id !== draft.group.id ? [] : [i === index ? draft.sizable : one.sizable],
  );
  return setSize(draft.group.rule, members);
}
