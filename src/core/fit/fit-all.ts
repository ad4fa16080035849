import type { ArtCache, Artwork, LayerArt } from '../artwork';
import { EM_UNITS } from '../faces';
import { type Box, boxOfRings, outlineRings } from '../geometry';
import {
  type InkOnBlank,
  type InkPart,
  type PlaceRect,
  type Spot,
  boxAt,
  boxInPlace,
  inkOnBlank,
  spotOfPart,
} from '../place';
import type { Slot, SlotLayer } from '../resolve';
import { type Draft, draftAt, draftFit } from './draft-fit';
import { type LyingInk, type SizedDraft, lieAll } from './lie-in-place';
import { withPlaceBodies } from './place-bodies';
import { type SetSize, type SizedText, setSize, sizeText } from './size-set';

/** A slot drawn, sized and set in its place. */
export interface Fit {
  readonly slot: Slot;
  readonly artwork: Artwork;
  /** Millimetres to the em; with the artwork it gives the outlines. Zero when there is nothing to draw. */
  readonly emMm: number;
  /** All of its ink, as it reads. */
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly capHeightMm: number;
  readonly xHeightMm: number;
  /** The tallest capitals that its place holds, whatever its set asks for. */
  readonly mostCapMm: number;
  /** Where it lies in its place; computed here and nowhere else. Null without ink or place. */
  readonly spot: Spot | null;
  /** Where a ruler is laid for it. */
  readonly onBlank: InkOnBlank | null;
  readonly layers: readonly FitLayer[];
  /** What keeps it from being larger. */
  readonly boundBy: 'width' | 'height' | 'outline' | 'set';
  /** Where its size comes from, for what is to be said of it. */
  readonly draft: Draft;
  readonly sized: SizedText;
  /** What holds its group together; null where each has its own size. */
  readonly set: SetSize | null;
}

/** One layer of a fit, bottom up. */
export interface FitLayer {
  readonly layer: SlotLayer;
  /** Its own ink within the ink of the whole; null where it has none. */
  readonly part: InkPart | null;
  /** Where that lies in the place, and where a ruler is laid for it. */
  readonly spot: Spot | null;
  readonly onBlank: InkOnBlank | null;
  /** Of letters that are pieces of their own: where each lies, in the order of `lettersApart`. Left out: they are one piece. */
  readonly parts?: readonly PartOfLayer[];
}

/** Null where it has no ink, or no place. */
export type PartOfLayer = Pick<FitLayer, 'spot' | 'onBlank'>;

export interface FitReport {
  /** In the order of the slots. */
  readonly fits: readonly Fit[];
  /** By size group id; only groups with a common size stand here. */
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

/** Fits of many slots, sized group by group. Drawing goes through the cache; what is known of a slot is not worked out again. */
export function fitAll(slots: readonly Slot[], cache: ArtCache): FitReport {
  const drafts = slots.map((slot) => draftFit(slot, cache));
  const sets = setsOf(drafts);
  const sized = drafts.map((draft) => {
    const text = sizeText(draft.sizable, draft.slot.group.rule, sets.get(draft.slot.group.id) ?? null);
    const emMm = draft.largest ? text.letterMm / draft.letterEm : 0;
    return { draft: draftAt(draft, emMm, cache), text, emMm };
  });
  const boxes = lieAll(sized);
  return {
    fits: sized.map((one, i) => finishFit(one, sets.get(one.draft.slot.group.id) ?? null, boxes[i] ?? null)),
    setSizes: Object.fromEntries([...sets].flatMap(([id, set]) => (set ? [[id, set]] : []))),
  };
}

function setsOf(drafts: readonly Draft[]): Map<string, SetSize | null> {
  const members = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const { id } = draft.slot.group;
    const own = members.get(id);
    if (own) own.push(draft);
    else members.set(id, [draft]);
  }
  return new Map(
    [...members].map(([id, own]) => [
      id,
      setSize(
        own[0]!.slot.group.rule,
        own.map(({ sizable }) => sizable),
      ),
    ]),
  );
}

function finishFit(
  { draft, text: asked, emMm: askedEmMm }: SizedDraft & { readonly text: SizedText },
  set: SetSize | null,
  box: LyingInk | null,
): Fit {
  const { slot, largest, space } = draft;
  const emMm = box?.emMm ?? askedEmMm;
  const sized = emMm < askedEmMm ? { ...asked, letterMm: emMm * draft.letterEm, isBetween: true } : asked;
  const drawn = draft.artwork.at(emMm);
  const whole = wholeInk(draft, drawn, emMm);
  const { widthMm: inkWidthMm, heightMm: inkHeightMm } = whole;
  const asRead = box && boxOfWhole(box, whole);
  const lying = asRead && space ? boxInPlace(space, asRead) : null;
  const artwork = asRead && space ? withPlaceBodies(drawn, slot, space, { box: asRead, emMm }) : drawn;
  const spot = lying && space ? { xMm: lying.xMm, yMm: lying.yMm, turnDeg: space.turnDeg } : null;
  const onBlank = onBlankAt(slot, spot, { inkWidthMm, inkHeightMm });
  const lies: Lies = { spot, onBlank, inkWidthMm, inkHeightMm };
  return {
    slot,
    artwork,
    emMm,
    inkWidthMm,
    inkHeightMm,
    spot,
    onBlank,
    capHeightMm: emMm * artwork.capHeightEm,
    xHeightMm: emMm * artwork.xHeightEm,
    mostCapMm: (largest?.emMm ?? 0) * artwork.capHeightEm,
    layers: slot.layers.map((layer, i) => fitLayer({ slot, artwork, emMm }, layer, artwork.layers[i], lies)),
    boundBy: sized.isHeld ? 'set' : (largest?.boundBy ?? 'width'),
    draft,
    sized,
    set,
  };
}

/** All ink at its size: how large it is, and how far it begins left of and above that which was sized. */
interface WholeInk {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly leftMm: number;
  readonly topMm: number;
}

function wholeInk({ artwork: sized, ink }: Draft, artwork: Artwork, emMm: number): WholeInk {
  const [from, to] = [sized.inkBox, artwork.inkBox];
  if (artwork === sized || !from || !to) {
    return { widthMm: (ink?.widthEm ?? 0) * emMm, heightMm: (ink?.heightEm ?? 0) * emMm, leftMm: 0, topMm: 0 };
  }
  const mmPerUnit = emMm / EM_UNITS;
  const { leftMm, topMm, widthMm, heightMm } = partIn(from, to, mmPerUnit);
  return { widthMm, heightMm, leftMm: -leftMm, topMm: -topMm };
}

function boxOfWhole(box: PlaceRect, { widthMm, heightMm, leftMm, topMm }: WholeInk): PlaceRect {
  return { xMm: box.xMm - leftMm, yMm: box.yMm - topMm, widthMm, heightMm };
}

type Lies = Pick<Fit, 'spot' | 'onBlank' | 'inkWidthMm' | 'inkHeightMm'>;

function fitLayer(
  { slot, artwork, emMm }: Pick<Fit, 'slot' | 'artwork' | 'emMm'>,
  layer: SlotLayer,
  art: LayerArt | undefined,
  lies: Lies,
): FitLayer {
  const { inkBox } = artwork;
  if (!art?.inkBox || !inkBox || emMm <= 0) return { layer, part: null, spot: null, onBlank: null };
  const at = (box: Box) => partAt(slot, { from: inkBox, box, emMm }, lies);
  if (!art.parts) return { layer, ...at(art.inkBox) };
  const parts = art.parts.map((outline) => {
    const box = boxOfRings(outlineRings(outline));
    return box ? at(box) : { spot: null, onBlank: null };
  });
  return { layer, ...at(art.inkBox), parts };
}

interface PartBox {
  /** Of all ink. */
  readonly from: Box;
  readonly box: Box;
  readonly emMm: number;
}

/** Where a part of the ink lies, and where a ruler is laid for it. */
function partAt(
  slot: Slot,
  { from, box, emMm }: PartBox,
  { spot: whole, onBlank, inkWidthMm, inkHeightMm }: Lies,
): Pick<FitLayer, 'part' | 'spot' | 'onBlank'> {
  if (isSameBox(box, from)) {
    return { part: { leftMm: 0, topMm: 0, widthMm: inkWidthMm, heightMm: inkHeightMm }, spot: whole, onBlank };
  }
  const part = partIn(from, box, emMm / EM_UNITS);
  const spot = whole && spotOfPart(whole, { inkWidthMm, inkHeightMm }, part);
  const size = { inkWidthMm: part.widthMm, inkHeightMm: part.heightMm };
  return { part, spot, onBlank: onBlankAt(slot, spot, size) };
}

function isSameBox(a: Box, b: Box): boolean {
  return a.minX === b.minX && a.minY === b.minY && a.maxX === b.maxX && a.maxY === b.maxY;
}

/** Where a ruler is laid for ink at a spot; null without a spot. */
function onBlankAt(
  { variant, measured }: Pick<Slot, 'variant' | 'measured'>,
  spot: Spot | null,
  { inkWidthMm, inkHeightMm }: Pick<Fit, 'inkWidthMm' | 'inkHeightMm'>,
): InkOnBlank | null {
  return spot && variant && measured ? inkOnBlank(variant, measured, boxAt(spot, inkWidthMm, inkHeightMm)) : null;
}

function partIn(ink: Box, box: Box, mmPerUnit: number): InkPart {
  return {
    leftMm: (box.minX - ink.minX) * mmPerUnit,
    topMm: (box.minY - ink.minY) * mmPerUnit,
    widthMm: (box.maxX - box.minX) * mmPerUnit,
    heightMm: (box.maxY - box.minY) * mmPerUnit,
  };
}
