import { type PackBox, type PackOptions, type Packing, packBoxes } from './pack-boxes';

/** A plan has one packing for each material, and a run is planned as it was and as it is. */
const MOST_KEPT = 24;

/** What a long search has to know; plain values, since it runs in a thread of its own. */
export interface PackSearch {
  /** The packing that it may better, by what was asked. */
  readonly key: string;
  readonly boxes: readonly PackBox[];
  readonly numFirst: number;
  readonly options: PackOptions;
}

interface Kept {
  /** What was found at once. It stays: who was shown it gets it. */
  readonly first: Packing;
  /** What stands: the first, or what a long search found. */
  readonly best: Packing;
  readonly isSearched: boolean;
}

const kept = new Map<string, Kept>();

/** How many packings were searched so far: what is known need not be searched again. */
export const packings = { count: 0 };

/** Which of the packings of one request is meant. */
export type WhichPacking = 'best' | 'first';

export interface KeptPacking {
  readonly packing: Packing;
  /** The long search that is still due; null when it was done, or cannot better anything. */
  readonly search: PackSearch | null;
}

/** A long search tries so many times the layouts of the one that is waited for. */
const LONGER = 20;

/** The same as `packBoxes`, or better where a long search has been; what was asked for lately is answered without searching. */
export function keptPackBoxes(
  boxes: readonly PackBox[],
  numFirst: number,
  options: PackOptions,
  which: WhichPacking = 'best',
): KeptPacking {
  const { bedWidth, bedHeight, spacing, edge, mayTurn, seed, layouts } = options;
  const head = [numFirst, bedWidth, bedHeight, spacing, edge, mayTurn, seed, layouts].join(' ');
  const key = `${head} ${boxes.map(({ width, height }) => `${width} ${height}`).join(' ')}`;
  const known = kept.get(key) ?? searched(boxes, numFirst, options);
  keep(key, known);
  const search = { key, boxes, numFirst, options: { ...options, layouts: LONGER * layouts } };
  return { packing: known[which], search: known.isSearched || boxes.length - numFirst < 2 ? null : search };
}

/** What a long search has found is taken where it is better, null where it found nothing; where nobody asked lately it is forgotten. */
export function keepLonger(key: string, found: Packing | null): void {
  const known = kept.get(key);
  if (!known) return;
  const best = found && found.length < known.best.length ? found : known.best;
  kept.set(key, { ...known, best, isSearched: true });
}

function searched(boxes: readonly PackBox[], numFirst: number, options: PackOptions): Kept {
  packings.count++;
  const first = packBoxes(boxes, numFirst, options);
  return { first, best: first, isSearched: false };
}

/** The one that was asked for last goes last. */
function keep(key: string, packing: Kept): void {
  kept.delete(key);
  kept.set(key, packing);
  const oldest = kept.size > MOST_KEPT ? kept.keys().next().value : undefined;
  if (oldest !== undefined) kept.delete(oldest);
}
