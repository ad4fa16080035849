import { EM_UNITS } from '../faces';
import { type Finding, hasStop } from '../finding';
import { boxHeight, boxWidth } from '../geometry';
import type { LetteredText } from '../lettering';
import { presentOrThrow } from '../outcome';
import { anchorInArea, usableArea } from '../place';
import {
  type Lettering,
  type MeasuredPlace,
  type RunSpec,
  UNREAD_QUANTITY,
  findBlank,
  findLettering,
  findSizeGroup,
} from '../run';
import { type FitSlot, fitSlots } from './fit-slots';
import { type LargestFit, largestInArea } from './largest-in-area';
import { type SetHeight, setHeight } from './set-height';
import { type TextCache, jobOfSlot } from './text-cache';
import { textFindings } from './text-findings';

/** A wording drawn, sized and set in its place. Frame of the place: origin top left, y down, millimetres. */
export interface Fit {
  readonly slot: FitSlot;
  readonly lettered: LetteredText;
  /** Millimetres to the em; with `lettered` it gives the outline. Zero when there is nothing to draw. */
  readonly emMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly capHeightMm: number;
  /** Top left corner of the ink. */
  readonly xMm: number;
  readonly yMm: number;
  /** What keeps it from being larger. */
  readonly boundBy: 'width' | 'height' | 'set';
  readonly findings: readonly Finding[];
}

export interface FitReport {
  readonly fits: readonly Fit[];
  /** By size group id; only groups with a common height stand here. */
  readonly setHeights: Readonly<Record<string, SetHeight>>;
}

/** A fit before its group is sized. */
interface Draft {
  readonly slot: FitSlot;
  readonly lettered: LetteredText;
  readonly place: MeasuredPlace;
  readonly lettering: Lettering;
  readonly largest: LargestFit;
  readonly mostCapMm: number;
  readonly findings: readonly Finding[];
}

/** A descender or an accent is worth a note once it costs this much cap height. */
const WORTH_A_NOTE_MM = 0.5;

/** Fits of the whole run in roster order. Drawing goes through the cache; everything else is a few sums per fit. */
export function fitRun(spec: RunSpec, cache: TextCache): FitReport {
  const drafts = fitSlots(spec).map((slot) => draftFit(spec, slot, cache));
  const heights = new Map<string, SetHeight | null>();
  for (const { id, rule } of spec.sizeGroups) {
    const members = drafts.filter(({ slot }) => slot.place.sizeGroupId === id);
    heights.set(
      id,
      setHeight(
        rule,
        members.map(({ slot, mostCapMm, findings }) => ({
          text: slot.text.join(' '),
          mostCapMm,
          isOut: hasStop(findings),
        })),
      ),
    );
  }
  return {
    fits: drafts.map((draft) => finishFit(draft, heights.get(draft.slot.place.sizeGroupId) ?? null)),
    setHeights: Object.fromEntries([...heights].flatMap(([id, height]) => (height ? [[id, height]] : []))),
  };
}

function draftFit(spec: RunSpec, slot: FitSlot, cache: TextCache): Draft {
  findSizeGroup(spec, slot.place.sizeGroupId);
  const variant = findBlank(spec, slot.blankId).variants.find(({ id }) => id === slot.variantId);
  const place = presentOrThrow(variant?.places[slot.place.placeId], `measures of place ${slot.place.placeId}`);
  const lettering = findLettering(spec, slot.place.letteringId);
  const lettered = cache.letter(jobOfSlot(spec, slot));
  const largest = largestInArea(lettered, usableArea(place));
  const mostCapMm = largest.emMm * lettered.capHeightEm;
  const findings = stopsOf(slot, lettered, mostCapMm, lettering.minLetterHeightMm);
  return { slot, lettered, place, lettering, largest, mostCapMm, findings };
}

function stopsOf(
  { text, findings: words }: FitSlot,
  { inkBox, missing }: LetteredText,
  mostCapMm: number,
  leastMm: number,
): Finding[] {
  const findings = [...words.filter(({ severity }) => severity === 'stop'), ...textFindings(text.join(' '), missing)];
  if (!inkBox) {
    if (findings.length === 0) findings.push({ kind: 'nothingToDraw', severity: 'stop' });
  } else if (mostCapMm < leastMm) {
    findings.push({ kind: 'tooSmall', severity: 'stop', capHeightMm: mostCapMm, leastMm });
  }
  return findings;
}

function finishFit(draft: Draft, set: SetHeight | null): Fit {
  const { slot, lettered, place, largest, mostCapMm } = draft;
  const isHeldBySet = set !== null && set.capHeightMm < mostCapMm;
  const emMm = isHeldBySet ? set.capHeightMm / lettered.capHeightEm : largest.emMm;
  const { inkBox } = lettered;
  const inkWidthMm = inkBox ? (boxWidth(inkBox) * emMm) / EM_UNITS : 0;
  const inkHeightMm = inkBox ? (boxHeight(inkBox) * emMm) / EM_UNITS : 0;
  return {
    slot,
    lettered,
    emMm,
    inkWidthMm,
    inkHeightMm,
    capHeightMm: emMm * lettered.capHeightEm,
    ...anchorInArea(usableArea(place), place.anchor, inkWidthMm, inkHeightMm),
    boundBy: isHeldBySet ? 'set' : largest.boundBy,
    findings: [
      ...draft.findings,
      ...slot.findings.filter(({ severity }) => severity !== 'stop'),
      ...quantityFindings(slot),
      ...sizeFindings(draft, set, isHeldBySet),
    ],
  };
}

function quantityFindings({ entry }: FitSlot): Finding[] {
  const said = entry.fields[UNREAD_QUANTITY];
  return said === undefined ? [] : [{ kind: 'unreadQuantity', severity: 'check', said }];
}

/** What is worth saying about a size that is possible: smaller than its set, or smaller for a descender's sake. */
function sizeFindings(
  { lettered, largest, mostCapMm, findings, lettering }: Draft,
  set: SetHeight | null,
  isHeldBySet: boolean,
): Finding[] {
  if (!lettered.inkBox || hasStop(findings)) return [];
  const found: Finding[] = [];
  if (set !== null && set.capHeightMm < lettering.minLetterHeightMm) {
    found.push({
      kind: 'tooSmall',
      severity: 'stop',
      capHeightMm: set.capHeightMm,
      leastMm: lettering.minLetterHeightMm,
    });
  }
  if (set !== null && set.heldBackBy === null && mostCapMm < set.capHeightMm) {
    found.push({ kind: 'belowSet', severity: 'check', capHeightMm: mostCapMm, setMm: set.capHeightMm });
  }
  const costMm = (largest.emMmByCaps - largest.emMm) * lettered.capHeightEm;
  if (!isHeldBySet && largest.boundBy === 'height' && costMm >= WORTH_A_NOTE_MM) {
    found.push({ kind: 'extenderCosts', severity: 'note', costMm });
  }
  return found;
}
