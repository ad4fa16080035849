import { type ArtCache, type Artwork, artJobOf } from '../artwork';
import { hasStop } from '../finding';
import { type HeldFit, type InkShape, type LargestFit, heldFit, inkShape } from '../largest';
import { type FreeSpace, freeSpace, keptOff } from '../place';
import type { Slot } from '../resolve';
import { isBoundToSize, slotAt } from './bound-to-size';
import { largestInProportion } from './own-motif';
import { besideHoles } from './place-bodies';
import type { Sizable } from './size-set';

/** A fit before its group is sized: drawn, with the largest size that its place holds. */
export interface Draft {
  readonly slot: Slot;
  /** Without what keeps millimetres: that is drawn once its size is known, see `Artwork.at`. */
  readonly artwork: Artwork;
  /** All of its ink as one. Null without any. */
  readonly ink: InkShape | null;
  /** Where that ink may lie, with what will be around it. Null when there is no such size or colour of the blank, or no room in its place. */
  readonly space: FreeSpace | null;
  /** Null when either is missing. */
  readonly held: HeldFit | null;
  /** The largest size that it may have, and where: in the middle of its place, or wherever it is largest. */
  readonly largest: LargestFit | null;
  /** Height in em of the letters that the group compares. */
  readonly letterEm: number;
  /** Its largest capitals are lower than its lettering may be cut. */
  readonly isTooSmall: boolean;
  /** As its size rule sees it. */
  readonly sizable: Sizable;
}

const drafts = new WeakMap<ArtCache, WeakMap<Slot, Draft>>();

/** Drafted once for the same slot. */
export function draftFit(slot: Slot, cache: ArtCache): Draft {
  const known = drafts.get(cache) ?? new WeakMap<Slot, Draft>();
  drafts.set(cache, known);
  const found = known.get(slot);
  if (found) return found;
  const draft = isBoundToSize(slot) ? boundToSize(slot, cache) : computed(slot, cache);
  known.set(slot, draft);
  return draft;
}

/** Below it no text is read, and the search for one ends. */
const LEAST_CAP_MM = 0.5;
/** To begin with the letters are so tall that a motif is next to nothing beside them. */
const SPECK = 1000;

/** How much larger a text may be along the curve of its place than straight. */
const ALONG_CURVE = 1.3;

/** As large as its text can be beside a motif that keeps its height, or along the curve of its place. */
function boundToSize(slot: Slot, cache: ArtCache): Draft {
  const { capHeightEm } = cache.faceOf(slot.leadFace);
  const at = (emMm: number) => computed(slotAt(slot, emMm * capHeightEm), cache);
  const begun = straightened(slot);
  const alone = computed(slotAt(begun, SPECK * (slot.motif?.heightMm ?? 1) * capHeightEm), cache);
  const fromMm = (alone.largest?.emMm ?? 0) * (begun === slot ? 1 : ALONG_CURVE);
  const most = largestInProportion(fromMm, LEAST_CAP_MM / capHeightEm, (emMm) => {
    const draft = at(emMm);
    return { draft, largestMm: draft.largest?.emMm ?? 0 };
  });
  if (!most)
    return { ...alone, slot, held: null, largest: null, sizable: { ...alone.sizable, mostMm: 0, isOut: true } };
  const { draft } = most.found;
  return { ...draft, slot, sizable: { ...draft.sizable, mostMm: most.sizeMm * draft.letterEm } };
}

/** What follows its place as it would be straight; the very same slot for what does not. */
function straightened(slot: Slot): Slot {
  if (slot.form.bend?.curve.by !== 'place') return slot;
  const { bend: _, ...form } = slot.form;
  return { ...slot, form };
}

/** The same text at the size that its set gives it: what keeps its height stands in that proportion. */
export function draftAt(draft: Draft, emMm: number, cache: ArtCache): Draft {
  if (!isBoundToSize(draft.slot) || emMm <= 0) return draft;
  const { capHeightEm } = draft.artwork;
  return { ...computed(slotAt(draft.slot, emMm * capHeightEm), cache), sizable: draft.sizable };
}

function computed(slot: Slot, cache: ArtCache): Draft {
  const { variant, measured, group, ownSize, liesLargest } = slot;
  const artwork = cache.draw(artJobOf(slot));
  const whole = besideHoles(slot, variant && measured ? freeSpace(variant, measured) : null, artwork.beyondMm);
  const space = whole && keptOff(whole, artwork.beyondMm, artwork.aside);
  const ink = inkShape(artwork);
  const held = ink && space ? heldIn(ink, space) : null;
  const largest = held && liesLargest ? held.most : held;
  const letterEm = group.letter === 'x' ? artwork.xHeightEm : artwork.capHeightEm;
  const isTooSmall = largest !== null && largest.emMm * artwork.lowest.capHeightEm < slot.leastHeightMm;
  const isStopped = hasStop(slot.findings) || artwork.missing.length > 0 || isTooSmall;
  const sizable: Sizable = {
    text: slot.text.join(' '),
    mostMm: (largest?.emMm ?? 0) * letterEm,
    widthPerHeight: ink ? ink.widthEm / letterEm : 0,
    own: ownSize,
    isOut: isStopped || !largest || ownSize !== null,
  };
  return { slot, artwork, ink, space, held, largest, letterEm, isTooSmall, sizable };
}

const known = new WeakMap<InkShape, WeakMap<FreeSpace, HeldFit>>();

/** How many searches there were so far: what is kept need not be looked for again. */
export const searches = { count: 0 };

/** Computed once for the same ink and place: another size rule asks for nothing new. */
function heldIn(ink: InkShape, space: FreeSpace): HeldFit {
  const bySpace = known.get(ink) ?? new WeakMap<FreeSpace, HeldFit>();
  known.set(ink, bySpace);
  let found = bySpace.get(space);
  if (!found) {
    searches.count++;
    found = heldFit(ink, space);
    bySpace.set(space, found);
  }
  return found;
}
