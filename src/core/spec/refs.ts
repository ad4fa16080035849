import type { Id } from '../ids';

/** Which fit: entry, use and ordinal name the item, the place where on it the lettering goes. */
export interface FitRef {
  readonly entryId: Id<'entry'>;
  readonly useId: Id<'use'>;
  /** Counts the items of one entry and use from 1. */
  readonly ordinal: number;
  readonly placeId: Id<'place'>;
}

/** One place of an entry, on all of its items: they all say the same there. */
export type SlotRef = Omit<FitRef, 'ordinal'>;

/** `entry-use-place`. */
export function slotKeyOf({ entryId, useId, placeId }: SlotRef): string {
  return `${entryId}-${useId}-${placeId}`;
}

/** `entry-use-ordinal`. Ids have no hyphen, so the parts can be read back. */
export function itemIdOf(ref: Pick<FitRef, 'entryId' | 'useId' | 'ordinal'>): string {
  return `${ref.entryId}-${ref.useId}-${ref.ordinal}`;
}

/** `entry-use-ordinal-place`. */
export function fitRefKey(ref: FitRef): string {
  return `${itemIdOf(ref)}-${ref.placeId}`;
}

/** `entry-use-ordinal-place-layer`: what is bonded in one go, whatever parts it was cut in. */
export function layerKeyOf(itemId: string, placeId: string, layerId: string): string {
  return `${itemId}-${placeId}-${layerId}`;
}

/** `entry-use-ordinal-place-layer-part`. */
export function pieceIdOf(ref: FitRef, layerId: string, part: number): string {
  return `${layerKeyOf(itemIdOf(ref), ref.placeId, layerId)}-${part}`;
}

const ITEM = /^([a-z][a-z0-9]{9})-([a-z][a-z0-9]{9})-([1-9]\d*)$/;
const PIECE = /^([a-z][a-z0-9]{9})-([a-z][a-z0-9]{9})-([1-9]\d*)-([a-z][a-z0-9]{9})-([a-z][a-z0-9]{9})-([1-9]\d*)$/;

/** The parts of an item id; null when the text is not one. */
export function readItemId(text: string): { entryId: string; useId: string; ordinal: number } | null {
  const found = ITEM.exec(text);
  if (!found) return null;
  const [, entryId = '', useId = '', ordinal = ''] = found;
  return { entryId, useId, ordinal: Number(ordinal) };
}

/** The parts of a piece id that the ledger works with; null when the text is not one. */
export function readPieceId(text: string): { itemId: string; placeId: string; layerId: string; part: number } | null {
  const found = PIECE.exec(text);
  if (!found) return null;
  const [, entryId = '', useId = '', ordinal = '', placeId = '', layerId = '', part = ''] = found;
  return { itemId: `${entryId}-${useId}-${ordinal}`, placeId, layerId, part: Number(part) };
}
