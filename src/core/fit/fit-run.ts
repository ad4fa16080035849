import { EM_UNITS } from '../faces';
import { type Finding, hasStop } from '../finding';
import { boxHeight, boxWidth } from '../geometry';
import type { LetteredText } from '../lettering';
import { presentOrThrow } from '../outcome';
import { inkInPlace, readingSize, usableArea } from '../place';
import {
  type Lettering,
  type MeasuredPlace,
  type RunSpec,
  UNREAD_QUANTITY,
  findBlank,
  findLettering,
  findSizeGroup,
  measuredOf,
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
  /** Top left corner of the box that the ink covers there, turned as it reads. */
  readonly xMm: number;
  readonly yMm: number;
  readonly turnDeg: MeasuredPlace['readingDeg'];
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
  /** Null when there is no such size or colour of the blank. */
  readonly place: MeasuredPlace | null;
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
  const { variant } = slot;
  const place =
    variant &&
    presentOrThrow(
      measuredOf(findBlank(spec, slot.blankId), variant, slot.place.placeId),
      `measures of place ${slot.place.placeId}`,
    );
  const lettering = findLettering(spec, slot.place.letteringId);
  const lettered = cache.letter(jobOfSlot(spec, slot));
  const area = variant && place ? usableArea(variant, place) : null;
  const hasRoom = area !== null && area.widthMm > 0 && place !== null;
  const largest = hasRoom
    ? largestInArea(lettered, readingSize(area, place.readingDeg))
    : { emMm: 0, boundBy: 'width' as const, emMmByCaps: 0 };
  const mostCapMm = largest.emMm * lettered.capHeightEm;
  const unusable: Finding[] = place !== null && !hasRoom ? [{ kind: 'placeUnusable', severity: 'stop' }] : [];
  const sized = stopsOf(slot, lettered, hasRoom ? mostCapMm : null, lettering.minLetterHeightMm);
  const findings = [...unusable, ...sized];
  return { slot, lettered, place, lettering, largest, mostCapMm, findings };
}

function stopsOf(
  { text, findings: words }: FitSlot,
  { inkBox, missing }: LetteredText,
  /** Null: without a place there is no size to judge. */
  mostCapMm: number | null,
  leastMm: number,
): Finding[] {
  const findings = [...words.filter(({ severity }) => severity === 'stop'), ...textFindings(text.join(' '), missing)];
  if (!inkBox) {
    if (findings.length === 0) findings.push({ kind: 'nothingToDraw', severity: 'stop' });
  } else if (mostCapMm !== null && mostCapMm < leastMm) {
    findings.push({ kind: 'tooSmall', severity: 'stop', capHeightMm: mostCapMm, leastMm });
  }
  return findings;
}

function finishFit(draft: Draft, set: SetHeight | null): Fit {
  const { slot, lettered, place, largest, mostCapMm } = draft;
  const isHeldBySet = set !== null && set.capHeightMm < mostCapMm;
  const { variant } = slot;
  const emMm = isHeldBySet ? set.capHeightMm / lettered.capHeightEm : largest.emMm;
  const { inkBox } = lettered;
  const inkWidthMm = inkBox ? (boxWidth(inkBox) * emMm) / EM_UNITS : 0;
  const inkHeightMm = inkBox ? (boxHeight(inkBox) * emMm) / EM_UNITS : 0;
  const spot = variant && place ? inkInPlace(variant, place, inkWidthMm, inkHeightMm) : null;
  return {
    slot,
    lettered,
    emMm,
    inkWidthMm,
    inkHeightMm,
    capHeightMm: emMm * lettered.capHeightEm,
    xMm: spot?.xMm ?? 0,
    yMm: spot?.yMm ?? 0,
    turnDeg: spot?.turnDeg ?? 0,
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
