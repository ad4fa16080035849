import type { LayerArt, MadeLine } from '../artwork';
import { EM_UNITS } from '../faces';
import {
  type Box,
  EMPTY_OUTLINE,
  type Outline,
  type Ring,
  boxOfRings,
  mapOutline,
  outlineRings,
  turnOutline,
} from '../geometry';
import type { Spot } from '../place';
import { UM10_PER_MM, mmToUm10 } from '../units';
import type { Fit } from './fit-all';

/** All of a fit at its true size in integers of 0.1 µm, with the top left corner of its ink at the origin. */
export function inkOutline({ artwork, emMm }: Fit): Outline {
  return sizedOutline(artwork, artwork.inkBox, emMm);
}

/** One layer at its true size, with the top left corner of its own ink at the origin: what a piece is cut by. */
export function layerOutline({ artwork, emMm }: Fit, index: number): Outline {
  const layer = artwork.layers[index];
  return layer ? sizedOutline(layer, layer.inkBox, emMm) : EMPTY_OUTLINE;
}

/** One part of a layer the same way: of letters that are pieces of their own, by its place in `lettersApart`. */
export function partOutline({ artwork, emMm }: Fit, index: number, part: number): Outline {
  const outline = artwork.layers[index]?.parts?.[part];
  return outline ? sizedOutline({ outline }, boxOfRings(outlineRings(outline)), emMm) : EMPTY_OUTLINE;
}

/** Lines of one tool of one layer: rings, and straight lines of two points. */
export interface LayerLines {
  readonly by: MadeLine['by'];
  readonly layerId: string;
  readonly rings: Outline;
}

/**
 * What a machine does on a layer besides cutting it, in the frame of `layerOutline`: what it has by itself, and the edges of whatever
 * is drawn or marked on it. In the order in which it is done: drawn, marked, scored, pierced.
 */
export function linesOnLayer({ artwork, emMm, slot }: Fit, index: number): readonly LayerLines[] {
  const carrier = artwork.layers[index];
  const layer = slot.layers[index];
  if (!carrier?.inkBox || !layer) return [];
  const drawn = slot.layers.flatMap(({ id, line }, i): LayerLines[] => {
    const art = artwork.layers[i]!;
    if (line?.carrierId !== layer.id || !art.inkBox) return [];
    return [{ by: line.tool.by, layerId: id, rings: edgesOf([...outlineRings(art.outline)]) }];
  });
  const own = (['score', 'pierce'] as const).flatMap((by): LayerLines[] => {
    const rings = (carrier.lines ?? []).filter((line) => line.by === by).map(({ ring }) => ring);
    return rings.length > 0 ? [{ by, layerId: layer.id, rings: edgesOf(rings) }] : [];
  });
  const inOrder = [...drawn.filter(({ by }) => by === 'draw'), ...drawn.filter(({ by }) => by !== 'draw'), ...own];
  return inOrder.map(({ rings, ...one }) => ({ ...one, rings: sized(rings, carrier.inkBox!, emMm) }));
}

/** Lines have no holes: each ring is one by itself. */
function edgesOf(rings: readonly Ring[]): Outline {
  return { islands: rings.map((outer) => ({ outer, holes: [] })) };
}

/** All of a fit where it lies in its place, turned as it reads, in integers of 0.1 µm. Empty without a spot. */
export function placedOutline(fit: Fit): Outline {
  return fit.spot ? outlineAt(inkOutline(fit), fit.spot) : EMPTY_OUTLINE;
}

/** An outline that begins at the origin, turned and moved to its spot; of lines on a layer, `within` is that. */
export function outlineAt(outline: Outline, { xMm, yMm, turnDeg }: Spot, within: Outline = outline): Outline {
  let [turned, around] = [outline, within];
  for (let deg = 0; deg < turnDeg; deg += 90) [turned, around] = [turnOutline(turned, around), turnOutline(around)];
  return mapOutline(turned, 1, 1, mmToUm10(xMm), mmToUm10(yMm));
}

/** `from`: the box whose corner becomes the origin. */
function sizedOutline({ outline }: Pick<LayerArt, 'outline'>, from: Box | null, emMm: number): Outline {
  return from ? sized(outline, from, emMm) : EMPTY_OUTLINE;
}

function sized(outline: Outline, from: Box, emMm: number): Outline {
  const scale = (emMm * UM10_PER_MM) / EM_UNITS;
  return mapOutline(outline, scale, scale, mmToUm10(0) - from.minX * scale, mmToUm10(0) - from.minY * scale);
}

/** The size of an outline that begins at the origin, as it will be cut. */
export function outlineSize(outline: Outline): { readonly inkWidthMm: number; readonly inkHeightMm: number } {
  const box = boxOfRings(outlineRings(outline));
  return { inkWidthMm: (box?.maxX ?? 0) / UM10_PER_MM, inkHeightMm: (box?.maxY ?? 0) / UM10_PER_MM };
}
