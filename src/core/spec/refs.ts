import type { Id } from '../ids';

/** Which fit: entry, use and ordinal name the item, the place where on it the lettering goes. */
export interface FitRef {
  readonly entryId: Id<'entry'>;
  readonly useId: Id<'use'>;
  /** Counts the items of one entry and use from 1. */
  readonly ordinal: number;
  readonly placeId: Id<'place'>;
}

/** A text: one place of an entry, on all of its items. They all say the same there. */
export type TextRef = Omit<FitRef, 'ordinal'>;

/** `entry-use-place`. */
export function textKeyOf({ entryId, useId, placeId }: TextRef): string {
  return `${entryId}-${useId}-${placeId}`;
}

/** `entry-use-ordinal`. Ids have no hyphen, so the parts can be read back. */
export function itemIdOf(ref: Pick<FitRef, 'entryId' | 'useId' | 'ordinal'>): string {
  return `${ref.entryId}-${ref.useId}-${ref.ordinal}`;
}

/** `entry-use-ordinal-place`. */
export function fitKeyOf(ref: FitRef): string {
  return fitKeyIn(itemIdOf(ref), ref.placeId);
}

/** The same from an item's id. */
export function fitKeyIn(itemId: string, placeId: string): string {
  return `${itemId}-${placeId}`;
}

/** `entry-use-ordinal-place-layer`. */
export function layerKeyOf(itemId: string, placeId: string, layerId: string): string {
  return `${itemId}-${placeId}-${layerId}`;
}

/** `entry-use-ordinal-place-layer-part`. */
export function pieceIdOf(ref: FitRef, layerId: string, part: number): string {
  return pieceIdIn(layerKeyOf(itemIdOf(ref), ref.placeId, layerId), part);
}

/** The same from `entry-use-ordinal-place-layer`. */
export function pieceIdIn(layerKey: string, part: number): string {
  return `${layerKey}-${part}`;
}

const ID = '([a-z][a-z0-9]{9})';
const COUNT = '([1-9]\\d*)';
export const ITEM_ID_PATTERN = new RegExp(`^${ID}-${ID}-${COUNT}$`);
export const PIECE_ID_PATTERN = new RegExp(`^${ID}-${ID}-${COUNT}-${ID}-${ID}-${COUNT}$`);
const TEXT_KEY_PATTERN = new RegExp(`^${ID}-${ID}-${ID}`);

/** The parts of an item id; null when the text is not one. */
export function readItemId(text: string): { entryId: string; useId: string; ordinal: number } | null {
  const found = ITEM_ID_PATTERN.exec(text);
  if (!found) return null;
  const [, entryId = '', useId = '', ordinal = ''] = found;
  return { entryId, useId, ordinal: Number(ordinal) };
}

/** The parts of `entry-use-place`, and of what begins with it; null when the text does not. */
export function readTextKey(text: string): { entryId: string; useId: string; placeId: string } | null {
  const found = TEXT_KEY_PATTERN.exec(text);
  if (!found) return null;
  const [, entryId = '', useId = '', placeId = ''] = found;
  return { entryId, useId, placeId };
}

/** What the id of a piece says. */
export interface PieceParts {
  readonly entryId: string;
  readonly useId: string;
  readonly itemId: string;
  readonly placeId: string;
  readonly layerId: string;
  readonly part: number;
  /** `entry-use-ordinal-place` */
  readonly fitKey: string;
  /** `entry-use-ordinal-place-layer` */
  readonly layerKey: string;
}

/** The parts of a piece id; null when the text is not one. */
export function readPieceId(text: string): PieceParts | null {
  const found = PIECE_ID_PATTERN.exec(text);
  if (!found) return null;
  const [, entryId = '', useId = '', ordinal = '', placeId = '', layerId = '', part = ''] = found;
  const itemId = `${entryId}-${useId}-${ordinal}`;
  return {
    entryId,
    useId,
    itemId,
    placeId,
    layerId,
    part: Number(part),
    fitKey: fitKeyIn(itemId, placeId),
    layerKey: layerKeyOf(itemId, placeId, layerId),
  };
}
