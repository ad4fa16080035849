import { boxOfRings, outlineFromNumbers, outlineRings } from '../geometry';
import type { Fit } from '../fit';
import { type Piece, pieceNames, piecesOfFits } from '../pieces';
import type { RunSpec } from '../spec';

/** A released piece with the text of its outline. */
export interface ReleasedOutline {
  readonly pieceId: string;
  readonly text: readonly string[];
  readonly materialId: string;
  readonly body: string;
}

/**
 * The pieces that may be cut: what was released as it was released, the rest as it stands. Pieces of entries that were
 * withdrawn are none, released or not. In roster order.
 */
export function releasedPieces(spec: RunSpec, fits: readonly Fit[], released: readonly ReleasedOutline[]): Piece[] {
  const live = piecesOfFits(spec, fits);
  if (released.length === 0) return live;
  const byId = new Map(live.map((piece) => [piece.id, piece]));
  const frozen = new Map(released.map((piece) => [piece.pieceId, piece]));
  return pieceNames(spec).flatMap((name): Piece[] => {
    const kept = frozen.get(name.id);
    if (!kept) {
      const piece = byId.get(name.id);
      return piece ? [piece] : [];
    }
    const outline = outlineFromNumbers(JSON.parse(kept.body));
    const box = boxOfRings(outlineRings(outline));
    return box ? [{ ...name, text: kept.text, materialId: kept.materialId, outline, box }] : [];
  });
}
