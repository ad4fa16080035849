import { wcagContrast } from 'culori';
import { HOUSE } from '@/core/tokens';

/** Light lines on dark cloth, dark ones on light: whichever is told better from it, 3.8 : 1 and more on any colour. */
export function lineOn(hex: string): string {
  const known =
    lines.get(hex) ?? (wcagContrast(hex, HOUSE.paper) > wcagContrast(hex, HOUSE.ink) ? HOUSE.paper : HOUSE.ink);
  lines.set(hex, known);
  return known;
}

/** A run has few colours, and every fit on the wall asks. */
const lines = new Map<string, string>();

/** How much of the line's colour a piece has on its film; the rest is the film's. */
const PIECE_SHARE = 0.88;

/** What a piece is filled with on the film that it is cut from: told from it on every film, by a contrast of at least 3 : 1. */
export function pieceOn(hex: string): string {
  const line = lineOn(hex);
  const mixed = [1, 3, 5].map((i) => {
    const [film, ink] = [hex, line].map((one) => Number.parseInt(one.slice(i, i + 2), 16));
    return Math.round(film! + (ink! - film!) * PIECE_SHARE)
      .toString(16)
      .padStart(2, '0');
  });
  return `#${mixed.join('')}`;
}
