import type { Act, Deed } from './act';
import { effectsOf } from './effects';

/**
 * The acts that still count, in order. Undoing is an act as well and can be undone, so the list is read from its end:
 * an act counts unless a later act that itself counts undid it.
 */
export function actsInForce(acts: readonly Act[]): Act[] {
  const undone = new Set<string>();
  const inForce: Act[] = [];
  for (let i = acts.length - 1; i >= 0; i--) {
    const act = acts[i]!;
    if (undone.size > 0 && undone.has(act.id)) continue;
    for (const id of undoneIds(act)) undone.add(id);
    inForce.push(act);
  }
  return inForce.reverse();
}

/** What undo and redo would take back at one station; null when there is nothing. */
export interface Undoable {
  readonly undo: Act | null;
  readonly redo: Act | null;
}

/**
 * Undo takes back the station's last working act that still counts, whoever worked elsewhere in the meantime. Redo takes
 * back its last undo that still counts, as long as no working act of the station came after that undo.
 */
export function lastDeedOf(acts: readonly Act[], station: string): Undoable {
  const undoIds = new Set(acts.filter((act) => undoneIds(act).length > 0).map(({ id }) => id));
  const isRedo = (act: Act) => undoneIds(act).some((id) => undoIds.has(id));
  const mine = actsInForce(acts).filter(({ by }) => by.station === station);
  const undo = mine.findLast(({ id }) => !undoIds.has(id)) ?? null;
  const lastUndo = mine.findLast((act) => undoIds.has(act.id) && !isRedo(act)) ?? null;
  const redo = lastUndo && (!undo || undo.seq < lastUndo.seq) ? lastUndo : null;
  return { undo, redo };
}

function undoneIds({ deeds }: { readonly deeds: readonly Deed[] }): string[] {
  const ids: string[] = [];
  for (const deed of deeds) {
    for (const effect of effectsOf(deed)) if (effect.kind === 'undo') ids.push(effect.actId);
  }
  return ids;
}
