import { layerKeyOf, readPieceId } from '../spec';
import type { Act, Deed } from './act';

/** The layer that a piece is a part of, as `item-place-layer`. */
export function layerKeyOfPiece(pieceId: string): string {
  const parts = readPieceId(pieceId);
  return parts ? layerKeyOf(parts.itemId, parts.placeId, parts.layerId) : pieceId;
}

/** Every entry that some act names, undone or not: such entries are withdrawn from a list, never deleted. */
export function entryIdsNamed(acts: readonly Act[]): ReadonlySet<string> {
  const named = new Set<string>();
  for (const deed of acts.flatMap(({ deeds }) => deeds)) {
    for (const id of idsIn(deed)) named.add(id.split('-', 1)[0] ?? id);
  }
  return named;
}

/** Items whose stage an act may have changed; for an undoing those of the acts that it takes back or brings again. */
export function itemIdsTouched(act: Act, findAct: (actId: string) => Act | undefined): ReadonlySet<string> {
  const touched = new Set<string>();
  for (const deed of act.deeds) {
    const undone = deed.kind === 'undone' ? findAct(deed.actId) : undefined;
    // Only acts before it can be undone, so that this ends.
    const ids = undone && undone.seq < act.seq ? itemIdsTouched(undone, findAct) : idsIn(deed);
    for (const id of ids) touched.add(id.split('-').slice(0, 3).join('-'));
  }
  return touched;
}

function idsIn(deed: Deed): readonly string[] {
  switch (deed.kind) {
    case 'cut':
    case 'weeded':
      return [deed.pieceId];
    case 'bonded':
    case 'checked':
    case 'packed':
      return [deed.itemId];
    case 'spoiled':
      return deed.pieces.map(({ pieceId }) => pieceId);
    default:
      return [];
  }
}
