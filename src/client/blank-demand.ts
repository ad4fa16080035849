import {
  type BlankDemand,
  type MarkMatch,
  type MarkTaker,
  type MarkedBlank,
  blankKey,
  matchMarks,
} from '@/core/blanks';
import { type BlanksTaken, blanksTaken } from '@/core/resolve';
import type { Blank } from '@/core/shop';
import { type RunSpec, findBlank, readItemId } from '@/core/spec';
import type { BenchItem } from '@/services';

/** What a run asks of its blanks, with those that were lost at the bench and those that carry a mark for nobody in it. */
export function blankDemand(spec: RunSpec, items: readonly BenchItem[], matches: readonly MarkMatch[]): BlankDemand {
  const lost = items
    .filter(({ numLost }) => numLost > 0)
    .map(({ itemId, variantId, numLost }) => ({ useId: readItemId(itemId)?.useId ?? '', variantId, count: numLost }));
  const unusable = new Map<string, number>();
  for (const { blank, itemId } of matches) {
    const key = blankKey(blank.blankId, blank.variantId);
    if (itemId === null) unusable.set(key, (unusable.get(key) ?? 0) + 1);
  }
  return { taken: blanksTaken(spec).map((of) => ({ ...of, count: piecesOf(of) })), lost, unusable };
}

export function piecesOf({ items, motifs, empty }: BlanksTaken): number {
  return items + motifs + empty;
}

/** Blanks of the run that carry a mark already, each given to an item that it fits. */
export function markMatches(
  spec: RunSpec,
  items: readonly BenchItem[],
  shop: ReadonlyMap<string, Blank> | null,
): (MarkMatch & { readonly whose: string })[] {
  const takers = items.map((item) => takerOf(spec, item));
  const names = new Map(takers.map((taker) => [taker.itemId, taker.names[0] ?? taker.texts[0] ?? '']));
  return matchMarks(markedOf(spec, shop), takers).map((match) => ({
    ...match,
    whose: names.get(match.itemId ?? '') ?? '',
  }));
}

function markedOf(spec: RunSpec, shop: ReadonlyMap<string, Blank> | null): MarkedBlank[] {
  return [...new Set(spec.uses.map(({ blankId }) => blankId))].flatMap((blankId) =>
    (shop?.get(blankId) ?? findBlank(spec, blankId)).variants.flatMap(({ id, stock }) =>
      stock.marked.map((mark) => ({ blankId, variantId: id, mark })),
    ),
  );
}

function takerOf(spec: RunSpec, { itemId, variantId, fields, pieces, text }: BenchItem): MarkTaker {
  const useId = readItemId(itemId)?.useId;
  const full = [fields.given, fields.family].filter(Boolean).join(' ');
  const texts = pieces.length > 0 ? pieces.map((piece) => piece.text.join(' ')) : [text.join(' ')];
  return {
    itemId,
    blankId: spec.uses.find(({ id }) => id === useId)?.blankId ?? '',
    variantId,
    texts: [...new Set(texts)],
    names: [full, fields.text ?? ''].filter((name) => name !== ''),
  };
}
