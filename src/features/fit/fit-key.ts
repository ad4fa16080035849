import type { TextRef } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** One tile of the wall. */
export function fitKey({ itemId, placeId }: Pick<ScreenFit, 'itemId' | 'placeId'>): string {
  return `${itemId}-${placeId}`;
}

/** Where its exceptions are kept: on all items of its entry. */
export function slotOf({ entryId, useId, placeId }: ScreenFit): TextRef {
  return { entryId, useId, placeId };
}
