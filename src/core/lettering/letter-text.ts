import { EM_UNITS, FLATTEN_TOLERANCE_EM, type Face } from '../faces';
import { type Box, type Outline, boxOfRings, joinRings, outlineRings } from '../geometry';

export interface LetterStyle {
  /** Extra space after every letter, in em. */
  readonly trackingEm: number;
  /** OpenType features to switch, such as `lnum` or `-liga`. */
  readonly features: readonly string[];
}

/** A text drawn and joined, not yet sized: millionths of an em, y down, baseline at y = 0, pen start at x = 0. */
export interface LetteredText {
  readonly outline: Outline;
  /** Around the drawn ink, never around advances. Null when there is no ink. */
  readonly inkBox: Box | null;
  readonly capHeightEm: number;
  readonly xHeightEm: number;
  /** Characters without a glyph in this face, each once, in the order of the text. They are left out of the outline. */
  readonly missing: readonly string[];
}

/** Rings smaller than a square of twice the flattening tolerance are noise of the curves, not drawn shapes. */
const LEAST_AREA = (2 * FLATTEN_TOLERANCE_EM * EM_UNITS) ** 2;

/**
 * Shapes one line, flattens it and joins letters that overlap. The text is composed (NFC) first, so that an accent typed
 * apart finds its letter. Unknown characters are reported, not drawn: a box in their place would be cut.
 */
export function letterText(face: Face, text: string, { trackingEm, features }: LetterStyle): LetteredText {
  const composed = text.normalize('NFC');
  const scale = EM_UNITS / face.unitsPerEm;
  const rings: Int32Array[] = [];
  // Faces map some control characters to an empty glyph: the name would be cut without them and nobody told.
  const missing = new Set<string>(composed.match(/\p{Cc}/gu));
  for (const glyph of face.shape(composed, features, trackingEm)) {
    if (glyph.glyphId === 0) {
      missing.add(characterAt(composed, glyph.cluster));
      continue;
    }
    for (const ring of face.glyphRings(glyph.glyphId)) rings.push(placeRing(ring, glyph.x, glyph.y, scale));
  }
  const outline = joinRings(rings, LEAST_AREA);
  return {
    outline,
    inkBox: boxOfRings(outlineRings(outline)),
    capHeightEm: face.capHeightEm,
    xHeightEm: face.xHeightEm,
    missing: [...missing],
  };
}

/** The whole character as a reader counts them, so that a picture made of several parts is named once. */
function characterAt(text: string, index: number): string {
  graphemes ??= new Intl.Segmenter('en', { granularity: 'grapheme' });
  return graphemes.segment(text).containing(index)?.segment ?? '\ufffd';
}

let graphemes: Intl.Segmenter | null = null;

/** The one crossing from the glyph frame (font units, y up) to the y-down frame of everything after it. */
function placeRing(ring: Float64Array, shiftX: number, shiftY: number, scale: number): Int32Array {
  const placed = new Int32Array(ring.length);
  for (let i = 0; i < ring.length; i += 2) {
    placed[i] = Math.round((ring[i]! + shiftX) * scale);
    placed[i + 1] = Math.round(-(ring[i + 1]! + shiftY) * scale);
  }
  return placed;
}
