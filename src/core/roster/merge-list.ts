import { type Entry, type RandomBytes, makeId } from '../run';
import type { ListLine } from './parse-list';

export function entriesFromList(lines: readonly ListLine[], randomBytes: RandomBytes): Entry[] {
  return lines.map((line) => newEntry(line, randomBytes));
}

/**
 * Lays a list that was pasted again over the entries of a run. Lines whose text matches keep their entry with all that
 * hangs on it, in the new order; doubled lines are matched one by one. Entries whose line is gone are dropped, except
 * those that the ledger names: they are withdrawn and stay at the end, so that nothing made loses its name.
 */
export function mergeList(
  entries: readonly Entry[],
  lines: readonly ListLine[],
  isNamedByLedger: (entryId: string) => boolean,
  randomBytes: RandomBytes,
): Entry[] {
  const free = new Map<string, Entry[]>();
  for (const entry of entries) {
    const text = entry.fields.text ?? '';
    free.set(text, [...(free.get(text) ?? []), entry]);
  }
  const kept = lines.map((line) => {
    const match = free.get(line.text)?.shift();
    return match ? { ...match, raw: line.raw, withdrawn: false } : newEntry(line, randomBytes);
  });
  const gone = [...free.values()].flat().filter(({ id }) => isNamedByLedger(id));
  return [...kept, ...gone.map((entry) => ({ ...entry, withdrawn: true }))];
}

function newEntry({ raw, text }: ListLine, randomBytes: RandomBytes): Entry {
  return { id: makeId<'entry'>(randomBytes), raw, fields: { text }, quantity: 1, withdrawn: false };
}
