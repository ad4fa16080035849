import type { Finding } from '../finding';
import type { LetteredText } from '../lettering';
import { boxInPlace } from '../place';
import type { MeasuredPlace } from '../shop';
import type { RunSpec } from '../spec';
import { type Draft, draftFit } from './draft-fit';
import { fitFindings } from './fit-findings';
import { type FitSlot, fitSlots } from './fit-slots';
import { type LyingInk, type SizedDraft, lieAll } from './lie-in-place';
import { openAndLooked } from './looked-findings';
import { type SetSize, type SizedText, setSize, sizeText } from './size-set';
import type { TextCache } from './text-cache';

/** A wording drawn, sized and set in its place. Frame of the place: origin top left, y down, millimetres. */
export interface Fit {
  readonly slot: FitSlot;
  readonly lettered: LetteredText;
  /** What its lowest layer is cut from. */
  readonly materialId: string;
  /** Millimetres to the em; with `lettered` it gives the outline. Zero when there is nothing to draw. */
  readonly emMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly capHeightMm: number;
  readonly xHeightMm: number;
  /** The tallest capitals that its place holds, whatever its set asks for. */
  readonly mostCapMm: number;
  /** Top left corner of the box that the ink covers there, turned as it reads. */
  readonly xMm: number;
  readonly yMm: number;
  readonly turnDeg: MeasuredPlace['readingDeg'];
  /** What keeps it from being larger. */
  readonly boundBy: 'width' | 'height' | 'outline' | 'set';
  readonly findings: readonly Finding[];
  /** Findings that somebody looked at and let stand. */
  readonly looked: readonly Finding[];
}

export interface FitReport {
  readonly fits: readonly Fit[];
  /** The same before they were sized, in the same order. */
  readonly drafts: readonly Draft[];
  /** By size group id; only groups with a common size stand here. */
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

/** Fits of the whole run in roster order. Drawing goes through the cache; everything else is a few sums per fit. */
export function fitRun(spec: RunSpec, cache: TextCache): FitReport {
  const drafts = fitSlots(spec).map((slot) => draftFit(spec, slot, cache));
  const sets = setsOf(spec, drafts);
  const sized = drafts.map((draft) => {
    const text = sizeText(draft.sizable, draft.group.rule, sets.get(draft.group.id) ?? null);
    return { draft, text, emMm: draft.largest ? text.letterMm / draft.letterEm : 0 };
  });
  const boxes = lieAll(sized);
  return {
    drafts,
    fits: sized.map((one, i) => finishFit(spec, one, sets.get(one.draft.group.id) ?? null, boxes[i] ?? null)),
    setSizes: Object.fromEntries([...sets].flatMap(([id, set]) => (set ? [[id, set]] : []))),
  };
}

function setsOf(spec: RunSpec, drafts: readonly Draft[]): Map<string, SetSize | null> {
  const members = new Map<string, Draft['sizable'][]>();
  for (const { group, sizable } of drafts) {
    const own = members.get(group.id);
    if (own) own.push(sizable);
    else members.set(group.id, [sizable]);
  }
  return new Map(spec.sizeGroups.map(({ id, rule }) => [id, setSize(rule, members.get(id) ?? [])]));
}

function finishFit(
  spec: RunSpec,
  { draft, text: asked, emMm: askedEmMm }: SizedDraft & { readonly text: SizedText },
  set: SetSize | null,
  box: LyingInk | null,
): Fit {
  const { slot, lettered, largest, space, ink } = draft;
  const lying = box && space ? boxInPlace(space, box) : null;
  const emMm = box?.emMm ?? askedEmMm;
  const text = emMm < askedEmMm ? { ...asked, letterMm: emMm * draft.letterEm, isBetween: true } : asked;
  const { open, looked } = openAndLooked(spec, slot.ref, fitFindings(spec, draft, text, set));
  return {
    slot,
    lettered,
    materialId: draft.materialId,
    emMm,
    inkWidthMm: (ink?.widthEm ?? 0) * emMm,
    inkHeightMm: (ink?.heightEm ?? 0) * emMm,
    capHeightMm: emMm * lettered.capHeightEm,
    xHeightMm: emMm * lettered.xHeightEm,
    mostCapMm: (largest?.emMm ?? 0) * lettered.capHeightEm,
    xMm: lying?.xMm ?? 0,
    yMm: lying?.yMm ?? 0,
    turnDeg: space?.turnDeg ?? 0,
    boundBy: text.isHeld ? 'set' : (largest?.boundBy ?? 'width'),
    findings: open,
    looked,
  };
}
