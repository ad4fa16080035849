import { tellingWithYear } from '@/core/figures';
import type { Slot } from '@/core/resolve';

/** What faces are tried on for a run. */
export interface TextsToTry {
  /** As they would be cut: the longest, the shortest, the most accented, one with a year. */
  readonly texts: readonly string[];
  /** What its texts are cut from. */
  readonly materialIds: readonly string[];
}

/** As much of a text as is tried. */
const MOST_CHARACTERS = 40;

export function textsToTry(slots: readonly Slot[]): TextsToTry {
  const texts = slots.flatMap(({ text }) => text.map((line) => line.trim().slice(0, MOST_CHARACTERS).trim()));
  const materialIds = slots.flatMap(({ layers }) => layers.map(({ materialId }) => materialId));
  return { texts: tellingWithYear(texts), materialIds: [...new Set(materialIds)] };
}
