import { fieldOf } from '@/core/spec';
import type { Entry } from '@/core/spec';

/** A letter of the table's face, about. */
const LETTER_PX = 7.9;
const PADDING_PX = 22;
/** Longer lists than this are judged by their beginning. */
const SAMPLE = 2000;
/** Columns that are as wide for every list. */
const PX = { number: 46, pieces: 58, look: 145, done: 46, deed: 80 } as const;

export interface RosterGrid {
  readonly textPx: number;
  /** Of the list's own columns, in their order. */
  readonly ownPx: readonly number[];
  readonly px: typeof PX;
}

/** Columns as wide as what stands in them, so that no name is cut short. */
export function gridFor(entries: readonly Entry[], columns: readonly string[]): RosterGrid {
  const sample = entries.slice(0, SAMPLE);
  const widthOf = (name: string, leastPx: number, mostPx: number) => {
    const longest = sample.reduce(
      (most, { fields }) => Math.max(most, fieldOf(fields, name).length),
      name.length * 0.9,
    );
    return Math.round(Math.min(mostPx, Math.max(leastPx, longest * LETTER_PX + PADDING_PX)));
  };
  return { textPx: widthOf('text', 150, 380), ownPx: columns.map((name) => widthOf(name, 50, 200)), px: PX };
}
