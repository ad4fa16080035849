import type { CheckedFit } from '../checks';
import type { ReleasedPiece } from '../freeze';
import { boxOfRings, outlineFromNumbers, outlineRings } from '../geometry';
import { type Piece, pieceNames, piecesOfFits } from '../pieces';
import type { Slot } from '../resolve';

/** A released piece with the text of its outline. */
export interface ReleasedOutline extends Pick<
  ReleasedPiece,
  'pieceId' | 'text' | 'materialId' | 'spot' | 'proof' | 'open'
> {
  readonly body: string;
}

/**
 * The pieces that may be cut: what was released as it was released, the rest as it stands. Pieces of entries that were
 * withdrawn are none, released or not. In roster order.
 */
export function releasedPieces(
  slots: readonly Slot[],
  fits: readonly CheckedFit[],
  released: readonly ReleasedOutline[],
): Piece[] {
  const live = piecesOfFits(fits);
  if (released.length === 0) return live;
  const byId = new Map(live.map((piece) => [piece.id, piece]));
  const frozen = new Map(released.map((piece) => [piece.pieceId, piece]));
  return pieceNames(slots).flatMap((name): Piece[] => {
    const kept = frozen.get(name.id);
    if (!kept) {
      const piece = byId.get(name.id);
      return piece ? [piece] : [];
    }
    const { text, materialId, spot, body } = kept;
    const outline = outlineFromNumbers(JSON.parse(body));
    const box = boxOfRings(outlineRings(outline));
    return box ? [{ ...name, text, materialId, outline, box, spot }] : [];
  });
}
