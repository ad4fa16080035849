import { type Entry, type RandomBytes, makeId } from '../run';
import type { ListLine } from './parse-list';

export function entriesFromList(lines: readonly ListLine[], randomBytes: RandomBytes): Entry[] {
  return lines.map((line) => newEntry(line, randomBytes));
}

/**
 * Lays a list that was pasted again over the entries of a run. Lines whose text matches keep their entry with all that
 * hangs on it, in the new order; doubled lines are matched one by one. What the newer list says of quantity and columns
 * holds, what it is silent about stays. Entries whose line is gone are dropped, except those that the ledger names: they
 * are withdrawn and stay at the end, so that nothing made loses its name.
 */
export function mergeList(
  entries: readonly Entry[],
  lines: readonly ListLine[],
  isNamedByLedger: (entryId: string) => boolean,
  randomBytes: RandomBytes,
): Entry[] {
  const free = new Map<string, Entry[]>();
  for (const entry of entries) {
    const same = free.get(entry.fields.text ?? '');
    if (same) same.push(entry);
    else free.set(entry.fields.text ?? '', [entry]);
  }
  const kept = lines.map((line) => {
    const match = free.get(line.text)?.shift();
    return match ? laidOver(match, line) : newEntry(line, randomBytes);
  });
  const gone = [...free.values()].flat().filter(({ id }) => isNamedByLedger(id));
  return [...kept, ...gone.map((entry) => ({ ...entry, withdrawn: true }))];
}

function laidOver(entry: Entry, { raw, quantity, fields }: ListLine): Entry {
  return {
    ...entry,
    raw,
    quantity: quantity ?? entry.quantity,
    fields: { ...entry.fields, ...fields },
    withdrawn: false,
  };
}

function newEntry({ raw, text, quantity, fields }: ListLine, randomBytes: RandomBytes): Entry {
  return {
    id: makeId<'entry'>(randomBytes),
    raw,
    fields: { text, ...fields },
    quantity: quantity ?? 1,
    withdrawn: false,
  };
}
