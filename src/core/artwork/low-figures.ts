import type { Face } from '../faces';

/** Tops this far below the capitals, or feet this far below the baseline, are seen in a row of figures; shares of the cap height. */
const SEEN_SHARE = 0.08;

/** Figures of a text, each once, by what is uneven about them. Both empty for most faces. */
export interface UnevenFigures {
  /** Their tops are lower than the capitals. */
  readonly low: readonly string[];
  /** Their feet hang below the line. */
  readonly hanging: readonly string[];
}

export function unevenFigures(face: Face, text: string, features: readonly string[]): UnevenFigures {
  const capHeight = face.capHeightEm * face.unitsPerEm;
  const figures = [...new Set(text.match(/[0-9]/g))].flatMap((figure) => {
    const ends = endsOf(face, figure, features);
    return ends ? [{ figure, ...ends }] : [];
  });
  const told = (is: (ends: Ends) => boolean) => figures.filter(is).map(({ figure }) => figure);
  return {
    low: told(({ top }) => top < capHeight * (1 - SEEN_SHARE)),
    hanging: told(({ foot }) => foot < -capHeight * SEEN_SHARE),
  };
}

interface Ends {
  readonly top: number;
  readonly foot: number;
}

function endsOf(face: Face, figure: string, features: readonly string[]): Ends | null {
  const [glyph] = face.shape(figure, features, 0).glyphs;
  if (!glyph || glyph.glyphId === 0) return null;
  let top = -Infinity;
  let foot = Infinity;
  for (const ring of face.glyphRings(glyph.glyphId)) {
    for (let i = 1; i < ring.length; i += 2) {
      top = Math.max(top, ring[i]!);
      foot = Math.min(foot, ring[i]!);
    }
  }
  return { top, foot };
}
