import type { LayerArt } from '../artwork';
import { EM_UNITS } from '../faces';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, mapOutline, outlineRings, turnOutline } from '../geometry';
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

/** All of a fit where it lies in its place, turned as it reads, in integers of 0.1 µm. Empty without a spot. */
export function placedOutline(fit: Fit): Outline {
  return fit.spot ? outlineAt(inkOutline(fit), fit.spot) : EMPTY_OUTLINE;
}

/** An outline that begins at the origin, turned and moved to its spot. */
export function outlineAt(outline: Outline, { xMm, yMm, turnDeg }: Spot): Outline {
  let turned = outline;
  for (let deg = 0; deg < turnDeg; deg += 90) turned = turnOutline(turned);
  return mapOutline(turned, 1, 1, mmToUm10(xMm), mmToUm10(yMm));
}

/** `from`: the box whose corner becomes the origin. */
function sizedOutline({ outline }: LayerArt, from: Box | null, emMm: number): Outline {
  if (!from) return EMPTY_OUTLINE;
  const scale = (emMm * UM10_PER_MM) / EM_UNITS;
  return mapOutline(outline, scale, scale, mmToUm10(0) - from.minX * scale, mmToUm10(0) - from.minY * scale);
}

/** The size of an outline that begins at the origin, as it will be cut. */
export function outlineSize(outline: Outline): { readonly inkWidthMm: number; readonly inkHeightMm: number } {
  const box = boxOfRings(outlineRings(outline));
  return { inkWidthMm: (box?.maxX ?? 0) / UM10_PER_MM, inkHeightMm: (box?.maxY ?? 0) / UM10_PER_MM };
}
