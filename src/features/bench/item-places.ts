import { type MainPlace, placeAt } from '@/core/edit';
import { type RunSpec, readItemId } from '@/core/spec';
import type { BenchItem, BenchPiece } from '@/services';

/** A place of an item with the piece that lies lowest there. */
export interface ItemPlace {
  readonly place: MainPlace;
  readonly piece: BenchPiece;
}

/** The places of an item that carry lettering, on the size and colour that its entry gets. */
export function itemPlaces(spec: RunSpec, item: BenchItem): readonly ItemPlace[] {
  const useId = readItemId(item.itemId)?.useId ?? '';
  const seen = new Set<string>();
  return item.pieces.flatMap((piece) => {
    if (seen.has(piece.placeId)) return [];
    seen.add(piece.placeId);
    return [{ piece, place: placeAt(spec, { useId, placeId: piece.placeId, variantId: item.variantId }) }];
  });
}
