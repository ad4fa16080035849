import { type RunSpec, fitKeyIn, fitKeyOf, layerKeyOf } from '../spec';
import { resolveSlots } from './resolve-slots';

/** What lies in a made pass at one place of an item. */
export interface MadeText {
  readonly itemId: string;
  readonly placeId: string;
  readonly layerId: string;
  /** What that layer was cut from. */
  readonly materialId: string;
  /** Line by line, as it was made. */
  readonly text: readonly string[];
}

export interface RewordedItem {
  readonly itemId: string;
  readonly whose: string;
  readonly was: string;
  /** Null: the entry does not get this blank any more, or not so many. */
  readonly is: string | null;
}

/**
 * Items of made passes that another state of the run would cut otherwise than they were made, in words or in film, in its roster order:
 * only those about which the two states differ. What only the list says otherwise, and no item, is none of them.
 */
export function rewordedItems(before: RunSpec, after: RunSpec, made: readonly MadeText[]): RewordedItem[] {
  const madeAt = new Map(made.map((one) => [fitKeyIn(one.itemId, one.placeId), one.text.join(' / ')]));
  const cutFrom = new Map(made.map((one) => [layerKeyOf(one.itemId, one.placeId, one.layerId), one.materialId]));
  const now = new Map(resolveSlots(before).map((slot) => [fitKeyOf(slot.ref), slot]));
  const reworded = resolveSlots(after).flatMap((slot): RewordedItem[] => {
    const { ref, itemId, whose, text } = slot;
    const key = fitKeyOf(ref);
    const [was, is] = [madeAt.get(key), text.join(' / ')];
    const present = now.get(key);
    if (was === undefined) return [];
    if (was !== is && present?.text.join(' / ') !== is) return [{ itemId, whose, was, is }];
    const other = slot.layers.find(({ id, materialId }) => {
      const cut = cutFrom.get(layerKeyOf(itemId, ref.placeId, id));
      return (
        cut !== undefined &&
        cut !== materialId &&
        present?.layers.some((one) => one.id === id && one.materialId !== materialId)
      );
    });
    if (!other) return [];
    const film = after.shop.materials.find((one) => one.id === cutFrom.get(layerKeyOf(itemId, ref.placeId, other.id)));
    const name = film?.value.name ?? 'another film';
    return [{ itemId, whose, was: `${was}, ${name}`, is: `${is}, ${other.material.name}` }];
  });
  return [...reworded, ...itemsGone(before, after, madeAt)];
}

/** Of entries that are still there; those that are gone are told by their lines. */
function itemsGone(before: RunSpec, after: RunSpec, madeAt: ReadonlyMap<string, string>): RewordedItem[] {
  const left = new Set(resolveSlots(after).map(({ ref }) => fitKeyOf(ref)));
  const present = new Set(after.entries.filter(({ withdrawn }) => !withdrawn).map(({ id }) => id));
  return resolveSlots(before).flatMap(({ ref, itemId, whose, entry }): RewordedItem[] => {
    const was = madeAt.get(fitKeyOf(ref));
    const isGone = was !== undefined && present.has(entry.id) && !left.has(fitKeyOf(ref));
    return isGone ? [{ itemId, whose, was, is: null }] : [];
  });
}
