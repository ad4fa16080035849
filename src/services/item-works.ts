import {
  type Act,
  type ItemWork,
  type LedgerState,
  type Tally,
  itemIdsTouched,
  itemWork,
  tallyOf,
} from '@/core/ledger';
import { type PieceName, pieceNames } from '@/core/pieces';
import { type PieceStage, processOf, stagesOf } from '@/core/shop';
import { type Slot, resolveSlots } from '@/core/resolve';
import type { RunSpec } from '@/core/spec';
import { type RunWork, isContinued } from './work';

export interface NamedItemWork extends ItemWork {
  readonly names: readonly PieceName[];
}

const known = new WeakMap<readonly Slot[], ReadonlyMap<string, readonly PieceName[]>>();

/** Pieces of every item, in roster order. */
export function namesByItem(spec: RunSpec): ReadonlyMap<string, readonly PieceName[]> {
  const slots = resolveSlots(spec);
  const earlier = known.get(slots);
  if (earlier) return earlier;
  const byItem = new Map<string, PieceName[]>();
  for (const name of pieceNames(slots)) {
    const names = byItem.get(name.slot.itemId);
    if (names) names.push(name);
    else byItem.set(name.slot.itemId, [name]);
  }
  known.set(slots, byItem);
  return byItem;
}

/** Every item of a run with what the ledger says of it, in roster order, and what they come to. */
export interface ItemWorks {
  readonly items: readonly NamedItemWork[];
  /** Places of items in that order. */
  readonly at: ReadonlyMap<string, number>;
  readonly tally: Tally;
}

interface KeptWorks extends ItemWorks {
  readonly acts: readonly Act[];
}

/** By the pieces of a run, which are the same object as long as its list is. */
const kept = new WeakMap<ReadonlyMap<string, readonly PieceName[]>, KeptWorks>();

/** Of a ledger that has grown by a few acts only the items that those touched are looked at again. */
export function itemWorks(spec: RunSpec, { acts, state }: Pick<RunWork, 'acts' | 'state'>): ItemWorks {
  const names = namesByItem(spec);
  const earlier = kept.get(names);
  if (earlier?.acts === acts) return earlier;
  const works = (earlier && worksAfter(earlier, names, { acts, state })) ?? allWorks(names, state);
  kept.set(names, { ...works, acts });
  return works;
}

type Names = ReadonlyMap<string, readonly PieceName[]>;

function allWorks(names: Names, state: LedgerState): ItemWorks {
  const items = [...names].map(([itemId, ofItem]) => workOfItem(itemId, ofItem, state));
  return { items, at: new Map(items.map(({ itemId }, i) => [itemId, i])), tally: tallyOf(items) };
}

/** More than this, and all at once is quicker. */
const MOST_ACTS = 50;

function worksAfter(
  earlier: KeptWorks,
  names: Names,
  { acts, state }: Pick<RunWork, 'acts' | 'state'>,
): ItemWorks | null {
  const isFew = acts.length - earlier.acts.length <= MOST_ACTS;
  if (!isFew || !isContinued(earlier.acts, acts)) return null;
  const findAct = (id: string) => acts.findLast((act) => act.id === id);
  const items = [...earlier.items];
  for (const act of acts.slice(earlier.acts.length)) {
    for (const itemId of itemIdsTouched(act, findAct)) {
      const at = earlier.at.get(itemId);
      const ofItem = names.get(itemId);
      if (at !== undefined && ofItem) items[at] = workOfItem(itemId, ofItem, state);
    }
  }
  return { items, at: earlier.at, tally: tallyOf(items) };
}

function workOfItem(itemId: string, names: readonly PieceName[], state: LedgerState): NamedItemWork {
  const pieceIds = names.map(({ id }) => id);
  const hasStage = (stage: PieceStage, i: number) => stagesOf(processOf(names[i]!.layer.material)).includes(stage);
  return { ...itemWork(state, itemId, pieceIds, hasStage), names };
}
