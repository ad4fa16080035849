import type { Blank } from '../shop';
import { type RunSpec, findBlank } from '../spec';
import { isCutHere } from './cut-here';

/** Blanks of one size and colour that something of the run takes, in pieces. */
export interface CountedBlanks {
  readonly useId: string;
  /** Null when the blank does not come in what the list asks for: nothing can be taken or bought for it. */
  readonly variantId: string | null;
  readonly count: number;
}

/** What a run takes, has lost, and cannot use. */
export interface BlankDemand {
  readonly taken: readonly CountedBlanks[];
  /** Spoiled with what was on them, so that another one is needed. */
  readonly lost: readonly CountedBlanks[];
  /** On hand, and marked for nobody of this run, by blank and size: `blank variant`. */
  readonly unusable: ReadonlyMap<string, number>;
}

/** Blanks of one size and colour: what the run takes, what is there, what to buy. All counts in pieces but `packs`. */
export interface BlankCount {
  readonly blankId: string;
  readonly blankName: string;
  readonly variantId: string;
  readonly size: string;
  readonly colour: string;
  /** With those that were lost. */
  readonly needed: number;
  readonly lost: number;
  readonly spares: number;
  /** All of them, with those that cannot be used. */
  readonly onHand: number;
  readonly unusable: number;
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

export function blankKey(blankId: string, variantId: string): string {
  return `${blankId} ${variantId}`;
}

/**
 * Blanks by size and colour, in the order of the run's uses; what is cut here itself is none. Packs hold one size and colour. Spares are rounded up for each size
 * and colour, since a spare M helps no L; where the run shares them, once for the whole blank, and lie with the sizes that take
 * most.
 */
export function countBlanks(spec: RunSpec, { taken, lost, unusable }: BlankDemand, shop: ShopBlank): BlankCount[] {
  const takenBy = sumBy(spec, taken);
  const lostBy = sumBy(spec, lost);
  const blankIds = [...new Set(spec.uses.filter((use) => !isCutHere(spec, use)).map(({ blankId }) => blankId))];
  return blankIds.flatMap((blankId) => {
    const own = findBlank(spec, blankId);
    const kept = shop(blankId) ?? own;
    const wanted = own.variants.flatMap((variant) => {
      const key = blankKey(blankId, variant.id);
      const numLost = lostBy.get(key) ?? 0;
      const needed = (takenBy.get(key) ?? 0) + numLost;
      return needed === 0 ? [] : [{ variant, key, needed, numLost }];
    });
    const spares = sparesFor(
      wanted.map(({ needed }) => needed),
      spec.prepare,
    );
    return wanted.map(({ variant, key, needed, numLost }, i): BlankCount => {
      const stock = kept.variants.find(({ id }) => id === variant.id)?.stock ?? variant.stock;
      const numUnusable = Math.min(stock.onHand, unusable.get(key) ?? 0);
      const missing = Math.max(0, needed + spares[i]! - (stock.onHand - numUnusable));
      const packs = Math.ceil(missing / kept.pack.count);
      const { priceCents, currency } = kept.pack;
      return {
        blankId,
        blankName: own.name,
        variantId: variant.id,
        size: variant.size,
        colour: variant.colour.name,
        needed,
        lost: numLost,
        spares: spares[i]!,
        onHand: stock.onHand,
        unusable: numUnusable,
        seconds: stock.seconds,
        missing,
        packs,
        packCount: kept.pack.count,
        priceCents: priceCents === null ? null : priceCents * packs,
        currency,
      };
    });
  });
}

function sumBy(spec: RunSpec, counted: readonly CountedBlanks[]): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { useId, variantId, count } of counted) {
    const use = spec.uses.find(({ id }) => id === useId);
    if (!use || variantId === null) continue;
    const key = blankKey(use.blankId, variantId);
    sums.set(key, (sums.get(key) ?? 0) + count);
  }
  return sums;
}

/** For each of these; shared ones go to the largest first, one by one. */
function sparesFor(needed: readonly number[], { spoilagePct, sharesSpares }: RunSpec['prepare']): readonly number[] {
  const ofShare = (count: number) => Math.ceil((count * spoilagePct) / 100);
  if (!sharesSpares) return needed.map(ofShare);
  const order = needed.map((count, i) => ({ count, i })).sort((a, b) => b.count - a.count || a.i - b.i);
  const spares = needed.map(() => 0);
  const total = ofShare(needed.reduce((sum, count) => sum + count, 0));
  for (let k = 0; k < total; k++) spares[order[k % order.length]!.i]!++;
  return spares;
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

/** Pieces that no blank can be counted for, since it does not come in what the list asks for. */
export function numUncounted(taken: readonly CountedBlanks[]): number {
  return taken.reduce((sum, { variantId, count }) => sum + (variantId === null ? count : 0), 0);
}
