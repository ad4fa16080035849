import { readItemId } from '../spec';
import type { Act } from './act';
import { effectsOf, itemIdOfEffect } from './effects';

/** Every entry that some act names, undone or not: such entries are withdrawn from a list, never deleted. */
export function entryIdsNamed(acts: readonly Act[]): ReadonlySet<string> {
  const named = new Set<string>();
  for (const itemId of itemIdsOf(acts)) named.add(readItemId(itemId)?.entryId ?? itemId);
  return named;
}

function* itemIdsOf(acts: readonly Act[]): Generator<string> {
  for (const { deeds } of acts) {
    for (const effect of deeds.flatMap(effectsOf)) {
      const itemId = itemIdOfEffect(effect);
      if (itemId !== null) yield itemId;
    }
  }
}

/** Passes that an act unmade or brought back: itself, or by taking back acts that did. */
export function passIdsTouched(act: Act, findAct: FindAct): ReadonlySet<string> {
  const touched = new Set<string>();
  for (const { unmade, deeds } of actsReached(act, findAct)) {
    for (const passId of unmade ?? []) touched.add(passId);
    for (const effect of deeds.flatMap(effectsOf)) if (effect.kind === 'unmake') touched.add(effect.passId);
  }
  return touched;
}

/** Items whose stage an act may have changed; for an undoing those of the acts that it takes back or brings again. */
export function itemIdsTouched(act: Act, findAct: FindAct): ReadonlySet<string> {
  const touched = new Set<string>();
  for (const { deeds } of actsReached(act, findAct)) {
    for (const itemId of deeds.flatMap(effectsOf).map(itemIdOfEffect)) if (itemId !== null) touched.add(itemId);
  }
  return touched;
}

type FindAct = (actId: string) => Act | undefined;

/** An act, and those that it takes back, those that these took back, and so on: however long the chain is, each once. */
function actsReached(act: Act, findAct: FindAct): Iterable<Act> {
  const reached = new Map([[act.id, act]]);
  // What is added while it is walked is walked, too.
  for (const { seq, deeds } of reached.values()) {
    for (const effect of deeds.flatMap(effectsOf)) {
      const undone = effect.kind === 'undo' ? findAct(effect.actId) : undefined;
      // Only acts before it can be undone.
      if (undone && undone.seq < seq) reached.set(undone.id, undone);
    }
  }
  return reached.values();
}
