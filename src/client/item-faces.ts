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
  const pieces = new Map(items.flatMap((item) => (wanted.has(item.itemId) ? [[item.itemId, item.pieces]] : [])));
  const faces = new Map<string, ItemFace[]>([...wanted].map((itemId) => [itemId, []]));
  for (const fit of fits) {
    const own = faces.get(fit.itemId);
    if (!own) continue;
    const there = (pieces.get(fit.itemId) ?? []).filter(({ placeId }) => placeId === fit.placeId);
    const shown = shownFit(fit, there);
    if (shown.layers.length > 0 && !shown.isSpotLost) own.push({ place: placeAt(spec, fit), shown });
  }
  return faces;
}

/** Every item of some fits once, in their order. */
export function itemIdsOf(fits: readonly Pick<ScreenFit, 'itemId'>[]): readonly string[] {
  return [...new Set(fits.map(({ itemId }) => itemId))];
}
