import { boxOfRings, mapOutline, outlineRings } from '../geometry';
import type { LetteredText } from './letter-text';

/** The same text drawn narrower or wider by a share; heights stay, strokes across change with the width. */
export function stretchText(lettered: LetteredText, share: number): LetteredText {
  if (share === 1) return lettered;
  const outline = mapOutline(lettered.outline, share, 1, 0, 0);
  return { ...lettered, outline, inkBox: boxOfRings(outlineRings(outline)) };
}
