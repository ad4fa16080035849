import { assertNever } from '../outcome';
import { layerKeyOf, readPieceId } from '../spec';
import type { Deed } from './act';

/** One thing that a deed does to the state of a run. */
export type Effect =
  | { readonly kind: 'reach'; readonly stage: 'cut' | 'weeded'; readonly pieceId: string; readonly attempt: number }
  | {
      readonly kind: 'bond';
      readonly itemId: string;
      readonly placeId: string;
      readonly layerId: string;
      /** Null in deeds of an earlier Knurl: the cutting that counted then. */
      readonly attempt: number | null;
      readonly face: 'front' | 'back';
    }
  | { readonly kind: 'mark'; readonly mark: 'checked' | 'packed'; readonly itemId: string }
  | { readonly kind: 'spoil'; readonly pieceId: string; readonly attempt: number; readonly reason: string }
  | { readonly kind: 'undo'; readonly actId: string };

type DeedOf<K extends Deed['kind']> = Extract<Deed, { readonly kind: K }>;

/**
 * The one table of what deeds do. Fold, undo, references, checks, what waits in the browser and the bench all read it: a new deed
 * is a line here, and does not compile without one.
 */
const EFFECTS: { readonly [K in Deed['kind']]: (deed: DeedOf<K>) => readonly Effect[] } = {
  cut: ({ pieceId, attempt }) => [{ kind: 'reach', stage: 'cut', pieceId, attempt }],
  weeded: ({ pieceId, attempt }) => [{ kind: 'reach', stage: 'weeded', pieceId, attempt }],
  bonded: ({ itemId, placeId, layerIds, attempts, face }) =>
    layerIds.map((layerId, i) => ({ kind: 'bond', itemId, placeId, layerId, attempt: attempts?.[i] ?? null, face })),
  checked: ({ itemId }) => [{ kind: 'mark', mark: 'checked', itemId }],
  packed: ({ itemId }) => [{ kind: 'mark', mark: 'packed', itemId }],
  spoiled: ({ pieces, reason }) => pieces.map(({ pieceId, attempt }) => ({ kind: 'spoil', pieceId, attempt, reason })),
  undone: ({ actId }) => [{ kind: 'undo', actId }],
};

export function effectsOf(deed: Deed): readonly Effect[] {
  return (EFFECTS[deed.kind] as (deed: Deed) => readonly Effect[])(deed);
}

/** The item that an effect concerns; null for an undoing, which concerns those of another act. */
export function itemIdOfEffect(effect: Effect): string | null {
  switch (effect.kind) {
    case 'reach':
    case 'spoil':
      return readPieceId(effect.pieceId)?.itemId ?? effect.pieceId;
    case 'bond':
    case 'mark':
      return effect.itemId;
    case 'undo':
      return null;
    default:
      return assertNever(effect);
  }
}

/** `item-place-layer` of a bond. */
export function layerKeyOfBond({ itemId, placeId, layerId }: Extract<Effect, { kind: 'bond' }>): string {
  return layerKeyOf(itemId, placeId, layerId);
}
