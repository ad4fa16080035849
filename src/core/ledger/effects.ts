import { assertNever } from '../outcome';
import { layerKeyOf, pieceIdIn, readPieceId } from '../spec';
import type { AgainReason, Deed } from './act';

/** One thing that a deed does to the state of a run. */
export type Effect =
  | { readonly kind: 'reach'; readonly stage: 'cut' | 'weeded'; readonly pieceId: string; readonly attempt: number }
  | {
      readonly kind: 'bond';
      readonly itemId: string;
      readonly placeId: string;
      readonly layerId: string;
      readonly part: number;
      /** Null in deeds of an earlier Knurl: the cutting that counted then. */
      readonly attempt: number | null;
      readonly face: 'front' | 'back';
    }
  /** Seconds under the press beside the first time. */
  | {
      readonly kind: 'repress';
      readonly itemId: string;
      readonly placeId: string;
      readonly layerId: string;
      readonly part: number;
      readonly attempt: number;
      readonly why: AgainReason;
      readonly seconds: number;
    }
  | { readonly kind: 'mark'; readonly mark: 'checked' | 'packed'; readonly itemId: string }
  | { readonly kind: 'spoil'; readonly pieceId: string; readonly attempt: number; readonly reason: string }
  /** The blank of an item went with what was spoiled on it. */
  | { readonly kind: 'lose'; readonly itemId: string }
  | { readonly kind: 'unmake'; readonly passId: string }
  | { readonly kind: 'undo'; readonly actId: string };

type DeedOf<K extends Deed['kind']> = Extract<Deed, { readonly kind: K }>;

/** Takes effects as they are told: a method for each kind, so that folding a long ledger makes no object for each deed. */
export interface EffectTaker {
  reach(stage: 'cut' | 'weeded', pieceId: string, attempt: number): void;
  bond(bond: Omit<Extract<Effect, { kind: 'bond' }>, 'kind'>): void;
  repress(again: Omit<Extract<Effect, { kind: 'repress' }>, 'kind'>): void;
  mark(mark: 'checked' | 'packed', itemId: string): void;
  spoil(pieceId: string, attempt: number, reason: string): void;
  lose(itemId: string): void;
  unmake(passId: string): void;
  undo(actId: string): void;
}

/**
 * The one table of what deeds do. Fold, undo, references, checks, what waits in the browser and the bench all read it: a new deed
 * is a line here, and does not compile without one.
 */
const EFFECTS: { readonly [K in Deed['kind']]: (deed: DeedOf<K>, to: EffectTaker) => void } = {
  cut: ({ pieceId, attempt }, to) => to.reach('cut', pieceId, attempt),
  weeded: ({ pieceId, attempt }, to) => to.reach('weeded', pieceId, attempt),
  bonded: ({ itemId, placeId, layerIds, attempts, parts, face }, to) =>
    layerIds.forEach((layerId, i) =>
      to.bond({ itemId, placeId, layerId, part: parts?.[i] ?? 1, attempt: attempts?.[i] ?? null, face }),
    ),
  pressedAgain: ({ itemId, placeId, layerIds, attempts, parts, why, seconds }, to) =>
    layerIds.forEach((layerId, i) =>
      to.repress({ itemId, placeId, layerId, part: parts?.[i] ?? 1, attempt: attempts[i] ?? 1, why, seconds }),
    ),
  checked: ({ itemId }, to) => to.mark('checked', itemId),
  packed: ({ itemId }, to) => to.mark('packed', itemId),
  spoiled: ({ pieces, reason, blankLost }, to) => {
    for (const { pieceId, attempt } of pieces) to.spoil(pieceId, attempt, reason);
    // However much of it was spoiled at once, an item has one blank.
    if (blankLost) for (const itemId of new Set(pieces.map((piece) => itemIdOfPiece(piece.pieceId)))) to.lose(itemId);
  },
  unmade: ({ passId }, to) => to.unmake(passId),
  undone: ({ actId }, to) => to.undo(actId),
};

/** Tells each effect of a deed, in order. */
export function tellEffects(deed: Deed, to: EffectTaker): void {
  (EFFECTS[deed.kind] as (deed: Deed, to: EffectTaker) => void)(deed, to);
}

export function effectsOf(deed: Deed): readonly Effect[] {
  const effects: Effect[] = [];
  tellEffects(deed, {
    reach: (stage, pieceId, attempt) => effects.push({ kind: 'reach', stage, pieceId, attempt }),
    bond: (bond) => effects.push({ kind: 'bond', ...bond }),
    repress: (again) => effects.push({ kind: 'repress', ...again }),
    mark: (mark, itemId) => effects.push({ kind: 'mark', mark, itemId }),
    spoil: (pieceId, attempt, reason) => effects.push({ kind: 'spoil', pieceId, attempt, reason }),
    lose: (itemId) => effects.push({ kind: 'lose', itemId }),
    unmake: (passId) => effects.push({ kind: 'unmake', passId }),
    undo: (actId) => effects.push({ kind: 'undo', actId }),
  });
  return effects;
}

function itemIdOfPiece(pieceId: string): string {
  return readPieceId(pieceId)?.itemId ?? pieceId;
}

/** The item that an effect concerns; null for an undoing, which concerns those of another act or of a pass. */
export function itemIdOfEffect(effect: Effect): string | null {
  switch (effect.kind) {
    case 'reach':
    case 'spoil':
      return itemIdOfPiece(effect.pieceId);
    case 'lose':
    case 'bond':
    case 'repress':
    case 'mark':
      return effect.itemId;
    case 'unmake':
    case 'undo':
      return null;
    default:
      return assertNever(effect);
  }
}

/** The piece that a bond is of. */
export function pieceIdOfBond({
  itemId,
  placeId,
  layerId,
  part,
}: Pick<Extract<Effect, { kind: 'bond' }>, 'itemId' | 'placeId' | 'layerId' | 'part'>): string {
  return pieceIdIn(layerKeyOf(itemId, placeId, layerId), part);
}
