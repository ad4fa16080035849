import { fieldOf } from './field-of';
import { wordKey } from '../shop';
import type { BlankUse, Entry, RunSpec } from './run-spec';

/** Whether an entry gets a blank, by the rule of its use: what is true of newcomers as well. */
export function getsBlank({ who }: Pick<BlankUse, 'who'>, { id, fields }: Pick<Entry, 'id' | 'fields'>): boolean {
  switch (who.kind) {
    case 'all':
      return true;
    case 'chosen':
      return named(who).has(id);
    case 'byColumn':
      return named(who).has(wordKey(fieldOf(fields, who.field)));
  }
}

type Naming = Exclude<BlankUse['who'], { readonly kind: 'all' }>;

const known = new WeakMap<Naming, ReadonlySet<string>>();

/** Whom a rule names, or what its column has to say; read once, since twenty thousand entries may ask twenty thousand names. */
function named(who: Naming): ReadonlySet<string> {
  let names = known.get(who);
  if (!names) {
    names = new Set(who.kind === 'chosen' ? who.entryIds : who.values.map(wordKey));
    known.set(who, names);
  }
  return names;
}

/** What a column says of entries that get nothing yet; `value` as it is written first, empty where the list says nothing. */
export interface WithoutBlank {
  /** Null: no rule goes by a column, they were just not chosen. */
  readonly field: string | null;
  readonly value: string;
  readonly entryIds: readonly string[];
}

/** Entries that no blank is for, those alike together: one question for each. By what `field` says; null: all together. */
export function withoutBlank({ uses, entries }: RunSpec, field: string | null): readonly WithoutBlank[] {
  const byKey = new Map<string, { value: string; entryIds: string[] }>();
  for (const entry of entries) {
    if (entry.withdrawn || uses.some((use) => getsBlank(use, entry))) continue;
    const value = field === null ? '' : fieldOf(entry.fields, field).trim();
    const alike = byKey.get(wordKey(value)) ?? { value, entryIds: [] };
    alike.entryIds.push(entry.id);
    byKey.set(wordKey(value), alike);
  }
  return [...byKey.values()].map((alike) => ({ field, ...alike }));
}

export interface ColumnValue {
  readonly value: string;
  readonly numEntries: number;
}

/** What a column says, each value once however it is written, the most frequent first. */
export function columnValues({ entries }: Pick<RunSpec, 'entries'>, field: string): readonly ColumnValue[] {
  const byKey = new Map<string, { value: string; numEntries: number }>();
  for (const { withdrawn, fields } of entries) {
    if (withdrawn) continue;
    const value = fieldOf(fields, field).trim();
    const known = byKey.get(wordKey(value)) ?? { value, numEntries: 0 };
    known.numEntries++;
    byKey.set(wordKey(value), known);
  }
  // As a reader counts: class 2 before class 10.
  const byName = new Intl.Collator('en', { numeric: true }).compare;
  return [...byKey.values()].sort((a, b) => b.numEntries - a.numEntries || byName(a.value, b.value));
}

/** What a column says that a use takes; none where it goes by no column. */
export function takenValues(spec: Pick<RunSpec, 'entries'>, { who }: Pick<BlankUse, 'who'>): readonly string[] {
  if (who.kind !== 'byColumn') return [];
  return columnValues(spec, who.field)
    .map(({ value }) => value)
    .filter((value) => named(who).has(wordKey(value)));
}
