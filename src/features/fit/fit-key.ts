import { type TextRef, fitKeyIn } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** One tile of the wall. */
export function fitKey({ itemId, placeId }: Pick<ScreenFit, 'itemId' | 'placeId'>): string {
  return fitKeyIn(itemId, placeId);
}

/** Where its exceptions are kept: on all items of its entry. */
export function textOf({ entryId, useId, placeId }: TextRef): TextRef {
  return { entryId, useId, placeId };
}
