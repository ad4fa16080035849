import { type MainPlace, placeAt } from '@/core/edit';
import type { RunSpec } from '@/core/spec';
import type { BenchItem } from '@/services';
import type { ScreenFit } from '@/workers/fit-protocol';
import { type ShownFit, shownFit } from './shown-fit';

/** One place of an item with what stands there. */
export interface ItemFace {
  readonly place: MainPlace;
  readonly shown: ShownFit;
}

/** Items by their ids, each with its places that carry ink: frozen where it was made or let through, else as the run has it. */
export function itemFaces(
  spec: RunSpec,
  fits: readonly ScreenFit[],
  items: readonly BenchItem[],
  wanted: ReadonlySet<string>,
): ReadonlyMap<string, readonly ItemFace[]> {
  const [fitsOf, itemOf] = [byItem(fits), byItem(items)];
  const faces = new Map<string, readonly ItemFace[]>();
  for (const itemId of wanted) {
    const pieces = itemOf.get(itemId)?.flatMap((item) => item.pieces) ?? [];
    const own = (fitsOf.get(itemId) ?? []).map((fit) => ({
      place: placeAt(spec, fit),
      shown: shownFit(
        fit,
        pieces.filter(({ placeId }) => placeId === fit.placeId),
      ),
    }));
    faces.set(
      itemId,
      own.filter(({ shown }) => shown.layers.length > 0 && !shown.isSpotLost),
    );
  }
  return faces;
}

const known = new WeakMap<readonly object[], ReadonlyMap<string, readonly object[]>>();

/** A list by the items that it speaks of; read once, since every text on a page asks. */
function byItem<T extends { readonly itemId: string }>(list: readonly T[]): ReadonlyMap<string, readonly T[]> {
  const found = known.get(list) as ReadonlyMap<string, readonly T[]> | undefined;
  if (found) return found;
  const index = new Map<string, T[]>();
  for (const one of list) {
    const own = index.get(one.itemId);
    if (own) own.push(one);
    else index.set(one.itemId, [one]);
  }
  known.set(list, index);
  return index;
}

/** Every item of some fits once, in their order. */
export function itemIdsOf(fits: readonly Pick<ScreenFit, 'itemId'>[]): readonly string[] {
  return [...new Set(fits.map(({ itemId }) => itemId))];
}
