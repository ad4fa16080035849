import type { Entry, RunSpec } from '../spec';
import { numItemsOfEntry } from './resolve-slots';

/** Characters that one column of an entry may hold, as they are stored. */
export const MOST_TEXT = 2000;
/** Items of a run: quantity × number of each × letters to a blank, over all entries. */
export const MOST_ITEMS = 20_000;

/** What a run may not be saved with; rows are counted from 1. */
export type LimitFault =
  | {
      readonly kind: 'textTooLong';
      readonly row: number;
      readonly field: string;
      readonly start: string;
      readonly length: number;
      readonly most: number;
    }
  | {
      readonly kind: 'tooManyItems';
      readonly numItems: number;
      readonly most: number;
      /** The entry that takes most. */
      readonly row: number;
      readonly start: string;
      readonly ofRow: number;
    };

const STARTING = 30;

/**
 * What makes a run larger than one may be, held against how it stands: what was too large before may stay, so that no stored run is
 * locked out, and may not grow. `before` null: a new run.
 */
export function limitFaults(next: RunSpec, before: RunSpec | null): readonly LimitFault[] {
  if (next.entries === before?.entries && next.uses === before.uses) return [];
  const texts = textFaults(next.entries, before?.entries ?? []);
  // Letters of a text that is too long are not counted: that alone would take minutes.
  if (texts.length > 0) return texts;
  const fault = itemFault(next);
  return fault === null || (before !== null && fault.numItems <= numItems(before)) ? [] : [fault];
}

function textFaults(entries: readonly Entry[], before: readonly Entry[]): LimitFault[] {
  const isLong = ({ fields }: Entry) => Object.values(fields).some((value) => value.length > MOST_TEXT);
  if (!entries.some(isLong)) return [];
  const known = new Map(before.map((entry) => [entry.id, entry.fields]));
  return entries.flatMap(({ id, fields }, i) =>
    Object.entries(fields)
      .filter(([field, value]) => value.length > MOST_TEXT && known.get(id)?.[field] !== value)
      .map(([field, value]) => ({
        kind: 'textTooLong' as const,
        row: i + 1,
        field,
        start: value.slice(0, STARTING),
        length: value.length,
        most: MOST_TEXT,
      })),
  );
}

function itemFault(spec: RunSpec): Extract<LimitFault, { kind: 'tooManyItems' }> | null {
  if (mostItems(spec) <= MOST_ITEMS) return null;
  const counts = spec.entries.map((entry) => (entry.withdrawn ? 0 : numItemsOfEntry(spec, entry)));
  const all = counts.reduce((sum, count) => sum + count, 0);
  if (all <= MOST_ITEMS) return null;
  const ofRow = counts.reduce((most, count) => Math.max(most, count), 0);
  const at = counts.indexOf(ofRow);
  const start = (spec.entries[at]?.fields.text ?? '').slice(0, STARTING);
  return { kind: 'tooManyItems', numItems: all, most: MOST_ITEMS, row: at + 1, start, ofRow };
}

const counted = new WeakMap<RunSpec, number>();

/** How many items a run has. Made without making them: a quantity may be too large for that. */
export function numItems(spec: RunSpec): number {
  const known = counted.get(spec);
  if (known !== undefined) return known;
  const num = spec.entries.reduce((sum, entry) => sum + (entry.withdrawn ? 0 : numItemsOfEntry(spec, entry)), 0);
  counted.set(spec, num);
  return num;
}

/** As many as there may be at most, without wording a text. */
function mostItems({ entries, uses }: RunSpec): number {
  const isSpread = uses.some(({ places }) => places.some(({ wording }) => wording?.spread === 'letterPerBlank'));
  const motifs = uses.flatMap(({ places }) =>
    places.map(({ motif, wording }) => (motif ? (wording?.motifBlanks ?? 0) : 0)),
  );
  const mostMotifs = motifs.reduce((most, count) => Math.max(most, count), 0);
  const each = uses.reduce((sum, use) => sum + use.each, 0);
  let most = 0;
  for (const { quantity, fields, withdrawn } of entries) {
    if (withdrawn) continue;
    const letters = isSpread ? Object.values(fields).reduce((sum, value) => sum + value.length, 1) + mostMotifs : 1;
    most += quantity * each * letters;
  }
  return most;
}
