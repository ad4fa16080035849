import { tellingWithYear } from '@/core/figures';
import { placeGeometry } from '@/core/place';
import type { Slot } from '@/core/resolve';

/** What faces are tried on for a run. */
export interface TextsToTry {
  /** As they would be cut: the longest, the shortest, the most accented, one with a year. */
  readonly texts: readonly string[];
  /** What its texts are cut from. */
  readonly materialIds: readonly string[];
  /** How wide the widest of its places is; null without one. */
  readonly roomMm: number | null;
}

/** As much of a text as is tried. */
const MOST_CHARACTERS = 40;

export function textsToTry(slots: readonly Slot[]): TextsToTry {
  const texts = slots.flatMap(({ text }) => text.map((line) => line.trim().slice(0, MOST_CHARACTERS).trim()));
  const materialIds = slots.flatMap(({ layers }) => layers.map(({ materialId }) => materialId));
  return { texts: tellingWithYear(texts), materialIds: [...new Set(materialIds)], roomMm: widestPlace(slots) };
}

/** By the box around each place, so that nothing is called too wide that a place of another shape might hold. */
function widestPlace(slots: readonly Slot[]): number | null {
  const widths = slots.flatMap(({ variant, measured }) => {
    if (!variant || !measured) return [];
    const { box } = placeGeometry(variant, measured);
    return [measured.readingDeg % 180 === 0 ? box.widthMm : box.heightMm];
  });
  return widths.length === 0 ? null : widths.reduce((most, width) => Math.max(most, width), 0);
}
