import { type ItemWork, type LedgerState, type Tally, itemWork, tallyOf } from '@/core/ledger';
import { type PieceName, pieceNames } from '@/core/pieces';
import { type PieceStage, processOf, stagesOf } from '@/core/shop';
import { type Slot, resolveSlots } from '@/core/resolve';
import type { RunSpec } from '@/core/spec';

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

/** Every item of a run with what the ledger says of it, in roster order. */
export function itemWorks(spec: RunSpec, state: LedgerState): NamedItemWork[] {
  return [...namesByItem(spec)].map(([itemId, names]) => {
    const pieceIds = names.map(({ id }) => id);
    const hasStage = (stage: PieceStage, i: number) => stagesOf(processOf(names[i]!.layer.material)).includes(stage);
    return { ...itemWork(state, itemId, pieceIds, hasStage), names };
  });
}

export function tallyOfRun(spec: RunSpec, state: LedgerState): Tally {
  return tallyOf(itemWorks(spec, state));
}
