import { type MainPlace, placeAt } from '@/core/edit';
import { layerWord } from '@/core/figures';
import { type RunSpec, placeLayers, readItemId } from '@/core/spec';
import { type Material, processFacts } from '@/core/shop';
import type { BenchItem, BenchPiece } from '@/services';

/** A place of an item with what is cut for it, bottom up. */
export interface ItemPlace {
  readonly place: MainPlace;
  readonly pieces: readonly BenchPiece[];
}

/** The places of an item that carry lettering, on the size and colour that its entry gets. */
export function itemPlaces(spec: RunSpec, { itemId, variantId, pieces }: BenchItem): readonly ItemPlace[] {
  const useId = readItemId(itemId)?.useId ?? '';
  const placeIds = new Set(pieces.map(({ placeId }) => placeId));
  return [...placeIds].map((placeId) => ({
    place: placeAt(spec, { useId, placeId, variantId }),
    pieces: pieces.filter((piece) => piece.placeId === placeId),
  }));
}

/** What a place is cut from, bottom up. */
export function layersOf(pieces: readonly BenchPiece[]): readonly Pick<Material, 'name' | 'kind' | 'open'>[] {
  // Letters that are pieces of their own lie in the press together.
  const byLayer = new Map(pieces.toReversed().map((piece) => [piece.layerId, piece]));
  return [...byLayer.values()].toReversed().map(({ materialName: name, materialKind: kind, isFilmOpen }) => ({
    name,
    kind,
    ...(isFilmOpen ? { open: true as const } : {}),
  }));
}

/** Some of it is bonded by heat. */
export function isPressed(pieces: readonly BenchPiece[]): boolean {
  return pieces.some(({ process }) => processFacts(process).bondedWord === 'pressed');
}

/** What a run of pieces is cut from, each material once: `gold film, navy film`. */
export function materialsWords(pieces: readonly BenchPiece[]): string {
  return [...new Set(pieces.map(({ materialName }) => materialName))].join(', ');
}

/** The made passes that pieces lie in: `pass 2`, `passes 2, 3`; what lies in none is told. */
export function passesWords(pieces: readonly BenchPiece[]): string {
  const numbers = [...new Set(pieces.flatMap(({ passNo }) => passNo ?? []))].sort((a, b) => a - b);
  const isOpen = pieces.some(({ passNo }) => passNo === null);
  if (numbers.length === 0) return 'no pass yet';
  const words = `${numbers.length === 1 ? 'pass' : 'passes'} ${numbers.join(', ')}`;
  return isOpen ? `${words}; a part in none yet` : words;
}

/** By its colour in the lettering, and by its letter where it is one; what the run has dropped since goes by its film alone. */
export function nameOfPiece({ place }: ItemPlace, { layerId, letter }: BenchPiece): string {
  const layer = placeLayers(place.lettering, place.placeUse).find(({ id }) => id === layerId);
  const word = layer ? layerWord({ kind: layer.make.kind, colourSlot: layer.slot }) : 'layer';
  return letter === null ? word : `${word} ${letter}`;
}

/** The pieces of a place from the top down, letters of one layer as they are read. */
export function topDown({ pieces }: Pick<ItemPlace, 'pieces'>): readonly BenchPiece[] {
  const layerIds = [...new Set(pieces.map(({ layerId }) => layerId))].reverse();
  return layerIds.flatMap((id) => pieces.filter(({ layerId }) => layerId === id));
}
