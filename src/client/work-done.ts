import { hasStop } from '@/core/finding';
import type { MadeText } from '@/core/resolve';
import { type RunSpec, fitKeyIn, getsBlank, readItemId } from '@/core/spec';
import type { BenchItem } from '@/services';
import type { ScreenFit } from '@/workers/fit-protocol';

/** Something of it is cut, lies in a made pass or is recorded. */
export function isWorked({ stage, pieces }: BenchItem): boolean {
  return stage !== 'open' || pieces.some(({ passNo, attempt }) => passNo !== null || attempt > 1);
}

/** A piece of it lies in no pass yet. */
export function isUnmade({ pieces }: BenchItem): boolean {
  return pieces.some(({ passNo }) => passNo === null);
}

/**
 * The words of an item that a made pass has otherwise than the run has them now; null where they are the same. What only was
 * released follows the next release, and is told there.
 */
export function madeOtherwise({ pieces }: Pick<BenchItem, 'pieces'>): string | null {
  const other = pieces.find(({ frozen, frozenText }) => frozen?.by === 'pass' && frozenText !== null);
  return other?.frozenText?.join(' ') ?? null;
}

/** What lies in made passes, as it was made. */
export function madeTexts(items: readonly BenchItem[]): MadeText[] {
  return items.flatMap(({ itemId, pieces }) =>
    pieces.flatMap(({ placeId, layerId, frozen }) =>
      frozen?.by === 'pass' ? [{ itemId, placeId, layerId, materialId: frozen.materialId, text: frozen.text }] : [],
    ),
  );
}

/** Whether anything on this blank is worked on, so that the run cannot do without it. */
export function hasWorkOn(items: readonly BenchItem[], useId: string): boolean {
  return items.some((item) => readItemId(item.itemId)?.useId === useId && isWorked(item));
}

export function entriesWith(items: readonly BenchItem[], is: (item: BenchItem) => boolean): ReadonlySet<string> {
  return new Set(items.filter(is).map(({ entryId }) => entryId));
}

/** How many entries have a piece that may be cut and lies in no pass yet: a stop keeps out its own place alone. */
export function countToLayOut(
  items: readonly BenchItem[],
  fits: readonly Pick<ScreenFit, 'itemId' | 'placeId' | 'findings'>[],
): number {
  const stopped = new Set(
    fits.filter(({ findings }) => hasStop(findings)).map(({ itemId, placeId }) => fitKeyIn(itemId, placeId)),
  );
  const isOpen = ({ itemId, pieces }: BenchItem) =>
    pieces.some(({ passNo, placeId }) => passNo === null && !stopped.has(fitKeyIn(itemId, placeId)));
  return new Set(items.filter(isOpen).map(({ entryId }) => entryId)).size;
}

/** How many entries have all of their items packed, of those that have any. */
export function countPacked(items: readonly Pick<BenchItem, 'entryId' | 'stage'>[]): {
  readonly packed: number;
  readonly of: number;
} {
  const all = new Set(items.map(({ entryId }) => entryId));
  const open = new Set(items.flatMap(({ entryId, stage }) => (stage === 'packed' ? [] : entryId)));
  return { packed: all.size - open.size, of: all.size };
}

/** Names of those who would get a blank no more though it is worked on for them. */
export function lostByRule(before: RunSpec, after: RunSpec, useId: string, items: readonly BenchItem[]): string[] {
  const next = after.uses.find(({ id }) => id === useId);
  const worked = entriesWith(items, (item) => readItemId(item.itemId)?.useId === useId && isWorked(item));
  return before.entries
    .filter((entry) => worked.has(entry.id) && !(next && getsBlank(next, entry)))
    .map(({ fields }) => fields.text ?? '');
}
