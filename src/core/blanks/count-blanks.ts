import type { Blank } from '../shop';
import { type RunSpec, findBlank } from '../spec';

/** One item of the run, as far as counting goes. */
export interface CountedItem {
  readonly itemId: string;
  readonly useId: string;
  /** Null when the blank does not come in what the list asks for: nothing can be taken or bought for it. */
  readonly variantId: string | null;
}

/** Blanks of one size and colour: what the run takes, what is there, what to buy. All counts in pieces but `packs`. */
export interface BlankCount {
  readonly blankId: string;
  readonly blankName: string;
  readonly variantId: string;
  readonly size: string;
  readonly colour: string;
  readonly needed: number;
  readonly spares: number;
  readonly onHand: number;
  readonly seconds: number;
  readonly missing: number;
  readonly packs: number;
  readonly packCount: number;
  /** Price of those packs in hundredths of the currency; null when a pack's price is not known. */
  readonly priceCents: number | null;
  readonly currency: string;
}

/** Present state of the shop's blank; the run's own copy counts where the shop has none. */
export type ShopBlank = (blankId: string) => Blank | undefined;

/**
 * Blanks by size and colour, in the order of the run's uses. Spares are rounded up for each size and colour, since a spare M
 * helps no L. Packs hold one size and colour.
 */
export function countBlanks(spec: RunSpec, items: Iterable<CountedItem>, shop: ShopBlank): BlankCount[] {
  const needed = new Map<string, number>();
  const seen = new Set<string>();
  for (const { itemId, useId, variantId } of items) {
    if (seen.has(itemId)) continue;
    seen.add(itemId);
    const use = spec.uses.find(({ id }) => id === useId);
    if (!use || variantId === null) continue;
    const key = `${use.blankId} ${variantId}`;
    needed.set(key, (needed.get(key) ?? 0) + 1);
  }
  const blankIds = [...new Set(spec.uses.map(({ blankId }) => blankId))];
  return blankIds.flatMap((blankId) => {
    const own = findBlank(spec, blankId);
    const kept = shop(blankId) ?? own;
    return own.variants.flatMap((variant) => {
      const count = needed.get(`${blankId} ${variant.id}`) ?? 0;
      if (count === 0) return [];
      const stock = kept.variants.find(({ id }) => id === variant.id)?.stock ?? variant.stock;
      const spares = Math.ceil((count * spec.prepare.spoilagePct) / 100);
      const missing = Math.max(0, count + spares - stock.onHand);
      const packs = Math.ceil(missing / kept.pack.count);
      const { priceCents, currency } = kept.pack;
      return [
        {
          blankId,
          blankName: own.name,
          variantId: variant.id,
          size: variant.size,
          colour: variant.colour.name,
          needed: count,
          spares,
          onHand: stock.onHand,
          seconds: stock.seconds,
          missing,
          packs,
          packCount: kept.pack.count,
          priceCents: priceCents === null ? null : priceCents * packs,
          currency,
        },
      ];
    });
  });
}

/** Packs in all, and what those of known price cost by currency. */
export function packsToBuy(counts: readonly BlankCount[]): {
  readonly count: number;
  readonly costs: readonly { readonly currency: string; readonly cents: number }[];
} {
  const costs = new Map<string, number>();
  for (const { packs, priceCents, currency } of counts) {
    if (packs > 0 && priceCents !== null) costs.set(currency, (costs.get(currency) ?? 0) + priceCents);
  }
  return {
    count: counts.reduce((sum, { packs }) => sum + packs, 0),
    costs: [...costs].map(([currency, cents]) => ({ currency, cents })),
  };
}

/** Items that no blank can be counted for, since it does not come in what the list asks for. */
export function numUncounted(items: Iterable<CountedItem>): number {
  const seen = new Set<string>();
  for (const { itemId, variantId } of items) if (variantId === null) seen.add(itemId);
  return seen.size;
}
