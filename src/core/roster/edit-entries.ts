import Papa from 'papaparse';
import { type Entry, type RandomBytes, type RunSpec, UNREAD_QUANTITY, makeId } from '../run';
import { tidy } from './parse-list';

/** Changes of single entries, as functions from spec to spec: entries that are not named stay the very same objects. */

/** The very same spec when nothing changes by it. */
function changeEntries(spec: RunSpec, change: (entry: Entry) => Entry, ids: ReadonlySet<string>): RunSpec {
  const entries = spec.entries.map((entry) => (ids.has(entry.id) ? change(entry) : entry));
  return entries.every((entry, i) => entry === spec.entries[i]) ? spec : { ...spec, entries };
}

/** The text or one of the list's own columns; an emptied column is taken away. */
export function changeField(spec: RunSpec, entryId: string, name: string, typed: string): RunSpec {
  const value = tidy(typed);
  return changeEntries(
    spec,
    (entry) => {
      if ((entry.fields[name] ?? '') === value) return entry;
      const { [name]: _, ...others } = entry.fields;
      return { ...entry, fields: value === '' && name !== 'text' ? others : { ...entry.fields, [name]: value } };
    },
    new Set([entryId]),
  );
}

/** A quantity chosen by a person settles one that could not be read. */
export function changeQuantity(spec: RunSpec, entryId: string, quantity: number): RunSpec {
  return changeEntries(
    spec,
    (entry) => {
      if (entry.quantity === quantity && !(UNREAD_QUANTITY in entry.fields)) return entry;
      const { [UNREAD_QUANTITY]: _, ...fields } = entry.fields;
      return { ...entry, quantity, fields };
    },
    new Set([entryId]),
  );
}

export function addEntry(spec: RunSpec, typed: string, randomBytes: RandomBytes): RunSpec {
  const text = tidy(typed);
  const entry: Entry = {
    id: makeId<'entry'>(randomBytes),
    raw: typed,
    fields: { text },
    quantity: 1,
    withdrawn: false,
  };
  return { ...spec, entries: [...spec.entries, entry] };
}

/** Takes entries out: those with work recorded are withdrawn, the others are dropped. */
export function takeOut(spec: RunSpec, ids: ReadonlySet<string>, hasWork: (entryId: string) => boolean): RunSpec {
  return {
    ...spec,
    entries: spec.entries
      .filter(({ id }) => !ids.has(id) || hasWork(id))
      .map((entry) => (ids.has(entry.id) ? { ...entry, withdrawn: true } : entry)),
  };
}

export function putBack(spec: RunSpec, ids: ReadonlySet<string>): RunSpec {
  return changeEntries(spec, (entry) => ({ ...entry, withdrawn: false }), ids);
}

/** The list's own columns in the order in which they first appear. */
export function ownColumns(entries: readonly Entry[]): string[] {
  const names = new Set(entries.flatMap(({ fields }) => Object.keys(fields)));
  names.delete('text');
  names.delete(UNREAD_QUANTITY);
  return [...names];
}

/** The present list as text that `parseList` reads back: bare lines, or a table when it has quantities or columns. */
export function listText(entries: readonly Entry[]): string {
  const columns = ownColumns(entries);
  const isBare = columns.length === 0 && entries.every(({ quantity }) => quantity === 1);
  if (isBare) return entries.map(({ fields }) => fields.text ?? '').join('\n');
  const rows = entries.map(({ fields, quantity }) => [
    fields.text ?? '',
    fields[UNREAD_QUANTITY] ?? String(quantity),
    ...columns.map((name) => fields[name] ?? ''),
  ]);
  return Papa.unparse([['text', 'quantity', ...columns], ...rows], { delimiter: '\t', newline: '\n' });
}
