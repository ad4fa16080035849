import { type ItemStage, leastStage } from '@/core/ledger';
import { type Process, processFacts } from '@/core/shop';
import type { BenchItem } from '@/services';
import type { FacetProps } from '@/ui';

/** What bonding is called on this item: that of its pieces, where they agree. */
export function bondedWord(processes: readonly Process[]): string {
  const words = new Set(processes.map((process) => processFacts(process).bondedWord));
  const [only] = words;
  return words.size === 1 && only ? only : 'bonded';
}

export function stageWord(stage: ItemStage, bonded: string): string {
  if (stage === 'open') return 'not cut yet';
  return stage === 'bonded' ? bonded : stage;
}

const FILLED: Record<ItemStage, FacetProps['filled']> = {
  open: 0,
  cut: 1,
  weeded: 2,
  bonded: 3,
  checked: 4,
  packed: 4,
};

/** The facet of an item, with its words. */
export function facetOf(item: Pick<BenchItem, 'stage' | 'pieces'>): FacetProps {
  const bonded = bondedWord(item.pieces.map(({ process }) => process));
  const spoiled = item.pieces.find(({ spoiledFor, stage }) => spoiledFor !== null && stage === null);
  const words = [stageWord(item.stage, bonded), ...(spoiled ? [`cut again: ${spoiled.spoiledFor}`] : [])];
  return {
    filled: FILLED[item.stage],
    isPacked: item.stage === 'packed',
    isSpoiled: spoiled !== undefined,
    label: words.join(', '),
  };
}

/** The facet of each entry: as far as the item of it that is least far, with how many are farther. */
export function entryFacets(items: readonly BenchItem[]): ReadonlyMap<string, FacetProps> {
  const byEntry = new Map<string, BenchItem[]>();
  for (const item of items) {
    const own = byEntry.get(item.entryId);
    if (own) own.push(item);
    else byEntry.set(item.entryId, [item]);
  }
  return new Map([...byEntry].map(([entryId, own]) => [entryId, facetOfAll(own)]));
}

function facetOfAll(items: readonly BenchItem[]): FacetProps {
  const stage = leastStage(items.map((item) => item.stage));
  const facet = facetOf({ stage, pieces: items.flatMap(({ pieces }) => pieces) });
  const numBehind = items.filter((item) => item.stage === stage).length;
  return numBehind === items.length ? facet : { ...facet, label: `${numBehind} of ${items.length}: ${facet.label}` };
}
