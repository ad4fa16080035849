import type { Entry } from '@/core/spec';

/** A letter of the table's face, about. */
const LETTER_PX = 7.9;
const PADDING_PX = 22;
/** Longer lists than this are judged by their beginning. */
const SAMPLE = 2000;
const NUMBER_PX = 46;
const PIECES_PX = 58;
const LOOK_PX = 145;
const DONE_PX = 46;
const DEED_PX = 80;

export interface RosterGrid {
  /** For `grid-template-columns`. */
  readonly gridTemplate: string;
  /** Below it the table scrolls sideways. */
  readonly minWidthPx: number;
}

/** Columns as wide as what stands in them, so that no name is cut short. */
export function gridFor(entries: readonly Entry[], columns: readonly string[]): RosterGrid {
  const sample = entries.slice(0, SAMPLE);
  const widthOf = (name: string, leastPx: number, mostPx: number) => {
    const longest = sample.reduce((most, { fields }) => Math.max(most, (fields[name] ?? '').length), name.length * 0.9);
    return Math.round(Math.min(mostPx, Math.max(leastPx, longest * LETTER_PX + PADDING_PX)));
  };
  const textPx = widthOf('text', 150, 380);
  const ownPx = columns.map((name) => widthOf(name, 50, 200));
  return {
    gridTemplate: `${NUMBER_PX}px minmax(${textPx}px,1.2fr) ${PIECES_PX}px ${ownPx.map((px) => `minmax(${px}px,0.4fr) `).join('')}minmax(${LOOK_PX}px,1fr) ${DONE_PX}px ${DEED_PX}px`,
    minWidthPx: [NUMBER_PX, textPx, PIECES_PX, ...ownPx, LOOK_PX, DONE_PX, DEED_PX].reduce((sum, px) => sum + px, 0),
  };
}
