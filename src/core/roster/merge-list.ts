import type { ListLine } from '../intake';
import { type Reading, splitName, writesFamiliesInCapitals } from '../names';
import { type Entry, UNREAD_QUANTITY } from '../spec';
import { type RandomBytes, makeId } from '../ids';
import type { LineFate, ListComparison } from './compare-list';
import { withReading, withText } from './name-fields';

export function entriesFromList(lines: readonly ListLine[], randomBytes: RandomBytes): Entry[] {
  const reading = readingOf(lines);
  return lines.map((line) => newEntry(line, reading, randomBytes));
}

/** Where most of a list has its family names in capitals, two capitals are one as well. */
function readingOf(lines: readonly ListLine[]): Reading {
  return { twoCapitals: writesFamiliesInCapitals(lines.map(({ text }) => text)) ? 'family' : 'initials' };
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
  const reading = readingOf(fates.map(({ line }) => line));
  const kept = fates.map((fate) => (fate.kind === 'new' ? newEntry(fate.line, reading, randomBytes) : laidOver(fate)));
  const ids = new Set(kept.map(({ id }) => id));
  const left = entries.filter(({ id }) => !ids.has(id) && isNamedByLedger(id));
  return [...kept, ...left.map((entry) => ({ ...entry, withdrawn: true }))];
}

function laidOver(fate: Exclude<LineFate, { kind: 'new' }>): Entry {
  const { entry, line } = fate;
  if (fate.kind === 'same') return entry.raw === line.raw ? entry : { ...entry, raw: line.raw };
  const said = Object.fromEntries(fate.changes.map(({ name, is }) => [name, is]));
  const { text, quantity: count, withdrawn: _, ...fields } = said;
  const isCounted = count !== undefined && line.quantity !== null;
  const { [UNREAD_QUANTITY]: unread, ...before } = entry.fields;
  const unsettled = !isCounted && unread !== undefined ? { [UNREAD_QUANTITY]: unread } : {};
  // A quantity that cannot be read stands among the fields, as it came.
  const uncounted = count !== undefined && !isCounted ? { [UNREAD_QUANTITY]: count } : {};
  return {
    ...entry,
    raw: line.raw,
    quantity: isCounted ? line.quantity : entry.quantity,
    fields: { ...(text === undefined ? before : withText(before, text)), ...unsettled, ...fields, ...uncounted },
    withdrawn: false,
  };
}

function newEntry({ raw, text, quantity, fields }: ListLine, reading: Reading, randomBytes: RandomBytes): Entry {
  const isTold = fields.given !== undefined || fields.family !== undefined;
  const parts = splitName(text, reading);
  const isByHabit = !isTold && parts.family !== splitName(text).family;
  return {
    id: makeId<'entry'>(randomBytes),
    raw,
    fields: isByHabit ? withReading({ text, ...fields }, parts) : { text, ...fields },
    quantity: quantity ?? 1,
    withdrawn: false,
  };
}
