import type { CheckedFit } from '../checks';
import { hasStop } from '../finding';
import { type Fit, type LayerLines, layerOutline, linesOnLayer, partOutline } from '../fit';
import { type Box, type Outline, boxOfRings, outlineRings } from '../geometry';
import { presentOrThrow } from '../outcome';
import type { InkOnBlank, Spot } from '../place';
import { type PieceName, namesOfSlot } from './piece-names';

/** Where a piece lies in its place, and where a ruler is laid for it. */
export interface PieceSpot extends Spot {
  readonly onBlank: InkOnBlank;
}

export interface Piece extends PieceName {
  /** What it is cut from. */
  readonly materialId: string;
  readonly text: readonly string[];
  /** As it will be read, never mirrored: integers of 0.1 µm, ink's top left corner at the origin. */
  readonly outline: Outline;
  readonly box: Box;
  /** What else is done to it on the bed, before it is cut; none of it of layers without ink. */
  readonly lines: readonly LayerLines[];
  /** Null where that was not kept: it was released by an earlier Knurl. */
  readonly spot: PieceSpot | null;
}

/** The pieces that may be cut: fits with a stop finding give none until it is remedied. In roster order. */
export function piecesOfFits(fits: readonly CheckedFit[]): Piece[] {
  return fits.filter(({ findings }) => !hasStop(findings)).flatMap(({ fit }) => piecesOfFit(fit));
}

const known = new WeakMap<Fit, readonly Piece[]>();

/** Made once for the same fit. */
function piecesOfFit(fit: Fit): readonly Piece[] {
  const found = known.get(fit);
  if (found) return found;
  const pieces = namesOfSlot(fit.slot).flatMap((name): Piece[] => {
    const { layerIndex, part } = name;
    const outline = part ? partOutline(fit, layerIndex, part.no) : layerOutline(fit, layerIndex);
    const box = boxOfRings(outlineRings(outline));
    if (!box) return [];
    const { materialId } = name.layer;
    const lines = linesOnLayer(fit, layerIndex);
    return [{ ...name, materialId, text: fit.slot.text, outline, box, lines, spot: spotOf(fit, name) }];
  });
  known.set(fit, pieces);
  return pieces;
}

function spotOf(fit: Fit, { layerIndex, part }: Pick<PieceName, 'layerIndex' | 'part'>): PieceSpot | null {
  const layer = presentOrThrow(fit.layers[layerIndex], 'the layer of a piece');
  const { spot, onBlank } = part ? presentOrThrow(layer.parts?.[part.no], 'the letter of a piece') : layer;
  return spot && onBlank && { ...spot, onBlank };
}
