import { fieldOf, type Entry, type RunSpec, UNREAD_QUANTITY } from '../spec';
import { type RandomBytes, makeId } from '../ids';
import { tidy } from '../intake';
import { NAME_PARTS, type NameParts, isNamePart } from '../names';
import { entryParts } from '../wording';
import { withParts, withText } from './name-fields';

/** Changes of single entries, as functions from spec to spec: entries that are not named stay the very same objects. */

/** The very same spec when nothing changes by it. */
export function changeEntries(spec: RunSpec, change: (entry: Entry) => Entry, ids: ReadonlySet<string>): RunSpec {
  const entries = spec.entries.map((entry) => (ids.has(entry.id) ? change(entry) : entry));
  return entries.every((entry, i) => entry === spec.entries[i]) ? spec : { ...spec, entries };
}

/** The text, a part of the name or one of the list's own columns; an emptied column is taken away. */
export function changeField(spec: RunSpec, entryId: string, name: string, typed: string): RunSpec {
  const value = tidy(typed);
  return changeEntries(
    spec,
    (entry) => {
      if (fieldOf(entry.fields, name) === value) return entry;
      if (name === 'text') return { ...entry, fields: withText(entry.fields, value) };
      if (isNamePart(name) && NAME_PARTS.some((part) => entry.fields[part] !== undefined)) {
        return { ...entry, fields: withParts(entry.fields, { ...entryParts(entry), [name]: value }) };
      }
      const { [name]: _, ...others } = entry.fields;
      return { ...entry, fields: value === '' ? others : { ...entry.fields, [name]: value } };
    },
    new Set([entryId]),
  );
}

/** Says how a name is taken apart; the text follows where it is made of the name. */
export function changeParts(spec: RunSpec, entryId: string, parts: NameParts): RunSpec {
  return changeEntries(spec, (entry) => ({ ...entry, fields: withParts(entry.fields, parts) }), new Set([entryId]));
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

/** Own columns that say more than the text: parts of a name that stand in every text need no column beside it. */
export function columnsBesideText(entries: readonly Entry[]): string[] {
  return ownColumns(entries).filter(
    (name) =>
      !isNamePart(name) ||
      entries.some(({ fields }) => Object.hasOwn(fields, name) && !(fields.text ?? '').includes(fieldOf(fields, name))),
  );
}
