import type { ListLine } from '../intake';
import { type Entry, type RandomBytes, UNREAD_QUANTITY, makeId } from '../run';
import { type ListComparison, compareList } from './compare-list';
import { withText } from './name-fields';

export function entriesFromList(lines: readonly ListLine[], randomBytes: RandomBytes): Entry[] {
  return lines.map((line) => newEntry(line, randomBytes));
}

/**
 * Takes a comparison over. Paired lines keep their entry with all that hangs on it, in the new order; what the newer list
 * says of quantity and columns holds, what it is silent about stays. Entries that are gone are dropped, except those that
 * the ledger names: they are withdrawn and stay at the end, so that nothing made loses its name.
 */
export function takeComparison(
  entries: readonly Entry[],
  { fates }: ListComparison,
  isNamedByLedger: (entryId: string) => boolean,
  randomBytes: RandomBytes,
): Entry[] {
  const kept = fates.map((fate) =>
    fate.kind === 'new' ? newEntry(fate.line, randomBytes) : laidOver(fate.entry, fate.line),
  );
  const ids = new Set(kept.map(({ id }) => id));
  const left = entries.filter(({ id }) => !ids.has(id) && isNamedByLedger(id));
  return [...kept, ...left.map((entry) => ({ ...entry, withdrawn: true }))];
}

/** Lays a newer list over the entries of a run at once. */
export function mergeList(
  entries: readonly Entry[],
  lines: readonly ListLine[],
  isNamedByLedger: (entryId: string) => boolean,
  randomBytes: RandomBytes,
  keyColumn: string | null = null,
): Entry[] {
  return takeComparison(entries, compareList(entries, lines, keyColumn), isNamedByLedger, randomBytes);
}

function laidOver(entry: Entry, { raw, text, quantity, fields }: ListLine): Entry {
  const { [UNREAD_QUANTITY]: unread, ...before } = entry.fields;
  const settled = quantity === null && unread !== undefined ? { [UNREAD_QUANTITY]: unread } : {};
  return {
    ...entry,
    raw,
    quantity: quantity ?? entry.quantity,
    fields: { ...withText(before, text), ...settled, ...fields },
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
