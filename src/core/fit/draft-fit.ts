import { type Finding, hasStop } from '../finding';
import { type InkShape, type LargestFit, inkShape, largestHeldFit } from '../largest';
import type { LetteredText } from '../lettering';
import { presentOrThrow } from '../outcome';
import { type FreeSpace, freeSpace } from '../place';
import { type Lettering, measuredOf } from '../shop';
import { type RunSpec, type SizeGroup, findBlank, findLettering, findSizeGroup } from '../spec';
import type { FitSlot } from './fit-slots';
import type { Sizable } from './size-set';
import { type TextCache, jobOfSlot } from './text-cache';
import { textFindings } from './text-findings';

/** A fit before its group is sized: drawn, with the largest size that its place holds. */
export interface Draft {
  readonly slot: FitSlot;
  readonly lettered: LetteredText;
  readonly lettering: Lettering;
  readonly group: SizeGroup;
  /** What its lowest layer is cut from. */
  readonly materialId: string;
  /** Null without ink. */
  readonly ink: InkShape | null;
  /** Null when there is no such size or colour of the blank, or no room in its place. */
  readonly space: FreeSpace | null;
  /** Null when either is missing. */
  readonly largest: LargestFit | null;
  /** Height in em of the letters that the group compares. */
  readonly letterEm: number;
  /** What keeps it from being made whatever its size, and the stop of being too small at its largest. */
  readonly findings: readonly Finding[];
  /** As its size rule sees it. */
  readonly sizable: Sizable;
}

export function draftFit(spec: RunSpec, slot: FitSlot, cache: TextCache): Draft {
  const group = findSizeGroup(spec, slot.place.sizeGroupId);
  const lettering = findLettering(spec, slot.place.letteringId);
  const lettered = cache.letter(jobOfSlot(spec, slot));
  const space = spaceOf(spec, slot);
  const ink = inkShape(lettered);
  const largest = ink && space ? largestOf(ink, space) : null;
  const letterEm = group.letter === 'x' ? lettered.xHeightEm : lettered.capHeightEm;
  const findings = stopsOf(slot, lettered, lettering, largest, space);
  const sizable: Sizable = {
    text: slot.text.join(' '),
    mostMm: (largest?.emMm ?? 0) * letterEm,
    widthPerHeight: ink ? ink.widthEm / letterEm : 0,
    own: slot.own.size ?? null,
    isOut: hasStop(findings) || !largest || slot.own.size !== undefined,
  };
  const [layer] = lettering.layers;
  const materialId = presentOrThrow(slot.place.materials[layer!.slot], `material for ${layer!.slot}`);
  return { slot, lettered, lettering, group, materialId, ink, space, largest, letterEm, findings, sizable };
}

export function spaceOf(spec: RunSpec, { variant, blankId, place }: FitSlot): FreeSpace | null {
  if (!variant) return null;
  const measured = measuredOf(findBlank(spec, blankId), variant, place.placeId);
  return freeSpace(variant, presentOrThrow(measured, `measures of place ${place.placeId}`));
}

const known = new WeakMap<InkShape, WeakMap<FreeSpace, LargestFit>>();

/** Computed once for the same ink and place: another size rule asks for nothing new. */
function largestOf(ink: InkShape, space: FreeSpace): LargestFit {
  const bySpace = known.get(ink) ?? new WeakMap<FreeSpace, LargestFit>();
  known.set(ink, bySpace);
  const found = bySpace.get(space) ?? largestHeldFit(ink, space);
  bySpace.set(space, found);
  return found;
}

function stopsOf(
  slot: FitSlot,
  { inkBox, missing, capHeightEm }: LetteredText,
  { minLetterHeightMm: leastMm }: Lettering,
  largest: LargestFit | null,
  space: FreeSpace | null,
): Finding[] {
  const unusable: Finding[] = slot.variant && !space ? [{ kind: 'placeUnusable', severity: 'stop' }] : [];
  const words = slot.findings.filter(({ severity }) => severity === 'stop');
  const findings = [...words, ...textFindings(slot.text.join(' '), missing)];
  if (!inkBox) {
    if (findings.length === 0) findings.push({ kind: 'nothingToDraw', severity: 'stop' });
  } else if (largest && largest.emMm * capHeightEm < leastMm) {
    findings.push({ kind: 'tooSmall', severity: 'stop', capHeightMm: largest.emMm * capHeightEm, leastMm });
  }
  return [...unusable, ...findings];
}
