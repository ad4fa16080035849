import type { Act, Deed } from './act';
import { type EffectTaker, tellEffects } from './effects';

/**
 * The acts that still count, in order. Undoing is an act as well and can be undone, so the list is read from its end:
 * an act counts unless a later act that itself counts undid it.
 */
export function actsInForce(acts: readonly Act[]): Act[] {
  const undone = new Undone();
  const inForce: Act[] = [];
  for (let i = acts.length - 1; i >= 0; i--) {
    const act = acts[i]!;
    if (undone.ids.size > 0 && undone.ids.has(act.id)) continue;
    for (const deed of act.deeds) tellEffects(deed, undone);
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
 * back its last undo that still counts, as long as no working act of the station came after that undo. Read from the end, no further
 * than it takes.
 */
export function lastDeedOf(acts: readonly Act[], station: string): Undoable {
  const undone = new Undone();
  let redo: Act | null = null;
  for (let i = acts.length - 1; i >= 0; i--) {
    const act = acts[i]!;
    if (undone.ids.has(act.id)) continue;
    for (const deed of act.deeds) tellEffects(deed, undone);
    if (act.by.station !== station) continue;
    const takenBack = undoneIds(act);
    if (takenBack.size === 0) return { undo: act, redo };
    if (redo === null && !isRedo(takenBack, acts, i)) redo = act;
  }
  return { undo: null, redo };
}

/** It takes back an undo. */
function isRedo(takenBack: ReadonlySet<string>, acts: readonly Act[], before: number): boolean {
  let numToFind = takenBack.size;
  for (let i = before - 1; i >= 0 && numToFind > 0; i--) {
    if (!takenBack.has(acts[i]!.id)) continue;
    if (undoneIds(acts[i]!).size > 0) return true;
    numToFind--;
  }
  return false;
}

/** Ids of acts that were taken back, in the order in which they are told. */
class Undone implements EffectTaker {
  readonly ids = new Set<string>();
  reach(): void {}
  bond(): void {}
  repress(): void {}
  mark(): void {}
  spoil(): void {}
  lose(): void {}
  unmake(): void {}
  undo(actId: string): void {
    this.ids.add(actId);
  }
}

function undoneIds({ deeds }: { readonly deeds: readonly Deed[] }): ReadonlySet<string> {
  const undone = new Undone();
  for (const deed of deeds) tellEffects(deed, undone);
  return undone.ids;
}
