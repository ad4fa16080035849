import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { outlineArea } from '../geometry';
import { lettersApart } from '../resolve';

/** Letters that are to be pieces of their own and have no shape of their own. */
export function apartStops({ slot, artwork }: Pick<Fit, 'slot' | 'artwork'>): Finding[] {
  // A character that is missing has none either, and is told by itself.
  if (artwork.missing.length > 0) return [];
  return slot.layers.flatMap((layer, i): Finding[] => {
    const parts = artwork.layers[i]?.parts ?? [];
    const letters = (lettersApart(slot, layer) ?? []).filter((_, no) => parts[no]?.islands.length === 0);
    if (letters.length === 0) return [];
    const at = { layerId: layer.id };
    return [{ kind: 'letterInAnother', severity: 'stop', letters: letters.map(({ letter }) => letter), at }];
  });
}

/** Of a letter's area: less than that is a hair between two that just touch. */
const OVER_SHARE = 0.002;

/** Letters that are pieces of their own and lie over a neighbour. */
export function apartFindings({ slot, artwork }: Pick<Fit, 'slot' | 'artwork'>): Finding[] {
  return slot.layers.flatMap((layer, i): Finding[] => {
    const { parts = [], outline } = artwork.layers[i]!;
    const area = outlineArea(outline);
    const numLess = parts.reduce((sum, part) => sum + part.islands.length, 0) - outline.islands.length;
    const over = parts.reduce((sum, part) => sum + outlineArea(part), 0) - area;
    if (numLess <= 0 || over <= (OVER_SHARE * area) / parts.length) return [];
    return [
      {
        kind: 'lettersOver',
        severity: 'check',
        numOver: numLess,
        numLetters: parts.length,
        at: { layerId: layer.id },
      },
    ];
  });
}
