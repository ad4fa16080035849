import { type RunSpec, fitKeyIn, fitKeyOf } from '../spec';
import { resolveSlots } from './resolve-slots';

/** What lies in a made pass at one place of an item. */
export interface MadeText {
  readonly itemId: string;
  readonly placeId: string;
  /** Line by line, as it was made. */
  readonly text: readonly string[];
}

export interface RewordedItem {
  readonly itemId: string;
  readonly whose: string;
  readonly was: string;
  readonly is: string;
}

/**
 * Items of made passes that another state of the run would cut otherwise than they were made, in its roster order: only those about
 * which the two states differ. What only the list says otherwise, and no item, is none of them.
 */
export function rewordedItems(before: RunSpec, after: RunSpec, made: readonly MadeText[]): RewordedItem[] {
  const madeAt = new Map(made.map((one) => [fitKeyIn(one.itemId, one.placeId), one.text.join(' / ')]));
  const now = new Map(resolveSlots(before).map(({ ref, text }) => [fitKeyOf(ref), text.join(' / ')]));
  return resolveSlots(after).flatMap(({ ref, itemId, whose, text }) => {
    const key = fitKeyOf(ref);
    const [was, is] = [madeAt.get(key), text.join(' / ')];
    return was === undefined || was === is || now.get(key) === is ? [] : [{ itemId, whose, was, is }];
  });
}
