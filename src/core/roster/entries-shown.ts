import { hasWords } from '../has-words';
import type { Entry } from '../spec';

/** What of a roster is looked at. */
export interface RosterView {
  /** Words of which each stands somewhere in the entry, whatever their case and accents. */
  readonly search: string;
  readonly only: 'all' | 'needy' | 'withdrawn';
  readonly order: 'list' | 'text' | 'longest';
}

export const WHOLE_ROSTER: RosterView = { search: '', only: 'all', order: 'list' };

export function isWholeRoster({ search, only }: RosterView): boolean {
  return search.trim() === '' && only === 'all';
}

/** Those of them that are looked at, in its order; `needy` are the ids of those with something open. */
export function entriesShown(
  entries: readonly Entry[],
  { search, only, order }: RosterView,
  needy: ReadonlySet<string>,
): readonly Entry[] {
  const shown = entries.filter((entry) => {
    if (only === 'needy' && !needy.has(entry.id)) return false;
    if (only === 'withdrawn' && !entry.withdrawn) return false;
    return hasWords([entry.raw, ...Object.values(entry.fields)].join(' '), search);
  });
  switch (order) {
    case 'list':
      return shown;
    case 'text':
      return shown.toSorted((a, b) => textOf(a).localeCompare(textOf(b)));
    case 'longest':
      return shown.toSorted((a, b) => textOf(b).length - textOf(a).length);
  }
}

function textOf({ fields }: Entry): string {
  return fields.text ?? '';
}
