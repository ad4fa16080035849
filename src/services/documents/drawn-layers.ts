import { wordsAsCut } from '@/core/figures';
import { pathData } from '@/core/cutfile';
import { isWholePlace } from '@/core/artwork';
import { type Fit, layerOutline, linesOnLayer, outlineAt, outlineSize, partOutline } from '@/core/fit';
import { EMPTY_OUTLINE, type Outline, outlineFromNumbers } from '@/core/geometry';
import { type Spot, cornerAsRead } from '@/core/place';
import { namesOfSlot } from '@/core/pieces';
import type { FrozenBody } from '../compute/compute';

/** A layer as it will be cut: as it was frozen, or as the fit has it now. */
export interface DrawnLayer {
  /** Its ink's top left corner at the origin, as it reads. */
  readonly outline: Outline;
  /** What is drawn, marked, scored and pierced on it, in the same frame. */
  readonly lines: readonly Outline[];
  /** The colour of what it is, or was, cut from. */
  readonly hex: string;
  /** It is as large as its place. */
  readonly isCard: boolean;
  /** Where it lies in its place; null without one, or where that was not kept. */
  readonly spot: Spot | null;
  readonly widthMm: number;
  readonly heightMm: number;
}

export type FrozenById = ReadonlyMap<string, FrozenBody>;

const outlineIn = (body: string) => outlineFromNumbers(JSON.parse(body));

/** Layers of a fit that have ink, bottom up, each with the lines on it; letters that are pieces of their own each by itself. */
export function drawnLayers(fit: Fit, frozenById: FrozenById): DrawnLayer[] {
  return namesOfSlot(fit.slot).flatMap(({ id, layer, layerIndex, part }): DrawnLayer[] => {
    const frozen = frozenById.get(id);
    const live = part ? partOutline(fit, layerIndex, part.no) : layerOutline(fit, layerIndex);
    const outline = frozen ? outlineIn(frozen.body) : live;
    if (outline.islands.length === 0) return [];
    const lines = frozen ? frozen.lineBodies.map(outlineIn) : linesOnLayer(fit, layerIndex).map(({ rings }) => rings);
    const { inkWidthMm: widthMm, inkHeightMm: heightMm } = outlineSize(outline);
    const hex = frozen?.hex ?? layer.material.colour.hex;
    const isCard = isWholePlace(layer.make);
    const own = fit.layers[layerIndex];
    const spot = (part ? own?.parts?.[part.no] : own)?.spot ?? null;
    return [{ outline, lines, hex, isCard, spot: frozen ? frozen.spot : spot, widthMm, heightMm }];
  });
}

/** All of them where they lie in the place, as path data to be filled even-odd; of a card as large as the place what is drawn on it. */
export function placedPath(layers: readonly DrawnLayer[]): string {
  return layers
    .flatMap(({ outline, lines, isCard, spot }) => {
      const at = (one: Outline) => (spot ? outlineAt(one, spot, outline) : EMPTY_OUTLINE);
      return [...(isCard ? [] : [at(outline)]), ...lines.map(at)].map(pathData);
    })
    .join('');
}

/** One picture of them as they read: each where it lies in the ink of the whole. */
export interface InkPicture {
  readonly parts: readonly (Pick<DrawnLayer, 'outline' | 'lines' | 'hex'> & {
    readonly xMm: number;
    readonly yMm: number;
  })[];
  readonly widthMm: number;
  readonly heightMm: number;
}

export function inkPicture(layers: readonly DrawnLayer[]): InkPicture {
  const corners = layers.map(({ spot, widthMm, heightMm }) => (spot ? cornerAsRead(spot, widthMm, heightMm) : [0, 0]));
  const left = Math.min(...corners.map(([x]) => x), Infinity);
  const top = Math.min(...corners.map(([, y]) => y), Infinity);
  const parts = layers.map(({ outline, lines, hex }, i) => ({
    outline,
    lines,
    hex,
    xMm: corners[i]![0] - left,
    yMm: corners[i]![1] - top,
  }));
  return {
    parts,
    widthMm: Math.max(0, ...parts.map(({ xMm }, i) => xMm + layers[i]!.widthMm)),
    heightMm: Math.max(0, ...parts.map(({ yMm }, i) => yMm + layers[i]!.heightMm)),
  };
}

/** The words as they are cut, of a fit or of a letter to each blank: of what was frozen, those of then. */
export function asCut(fits: readonly Fit[], frozenById: FrozenById): string {
  const texts = fits.map(({ slot }) => {
    const frozen = namesOfSlot(slot).flatMap(({ id }) => frozenById.get(id) ?? []);
    return frozen.at(0)?.text ?? slot.text;
  });
  return wordsAsCut(texts);
}
