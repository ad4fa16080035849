import type { Face } from '../faces';

/** Tops this far below the capitals, or feet this far below the baseline, are seen in a row of figures; shares of the cap height. */
const SEEN_SHARE = 0.08;

/** Figures of a text that this face draws lower than its capitals or hanging below the line, each once. Empty for most faces. */
export function lowFigures(face: Face, text: string, features: readonly string[]): string[] {
  const figures = [...new Set(text.match(/[0-9]/g))];
  return figures.filter((figure) => {
    const [glyph] = face.shape(figure, features, 0).glyphs;
    if (!glyph || glyph.glyphId === 0) return false;
    let top = -Infinity;
    let foot = Infinity;
    for (const ring of face.glyphRings(glyph.glyphId)) {
      for (let i = 1; i < ring.length; i += 2) {
        top = Math.max(top, ring[i]!);
        foot = Math.min(foot, ring[i]!);
      }
    }
    const capHeight = face.capHeightEm * face.unitsPerEm;
    return top < capHeight * (1 - SEEN_SHARE) || foot < -capHeight * SEEN_SHARE;
  });
}
