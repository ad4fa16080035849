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
  /** Baseline of the last line, below that of the first. */
  readonly lastBaselineEm: number;
  /** Characters without a glyph in this face, each once, in the order of the text. They are left out of the outline. */
  readonly missing: readonly string[];
}

/** Rings smaller than a square of twice the flattening tolerance are noise of the curves, not drawn shapes. */
const LEAST_AREA = (2 * FLATTEN_TOLERANCE_EM * EM_UNITS) ** 2;

/** One line of a text; a part of it may be drawn taller. */
export interface LetterLine {
  readonly text: string;
  /** In UTF-16 units of `text`. */
  readonly large: { readonly at: number; readonly length: number } | null;
}

/** From baseline to baseline. */
const LINE_PITCH_EM = 1.2;
/** How much taller the centre of a monogram is. Its middle stays on the middle of the other letters. */
const LARGE = 1.6;
/** Clear room at both sides of a taller part, which the advances of smaller letters would not leave. */
const LARGE_ROOM_EM = 0.06;

export function letterText(face: Face, text: string, style: LetterStyle): LetteredText {
  return letterLines(face, [{ text, large: null }], style);
}

/**
 * Shapes lines, sets them one below the other with their ink centred, flattens and joins letters that overlap. The text is
 * composed (NFC) first, so that an accent typed apart finds its letter. Unknown characters are reported, not drawn: a box
 * in their place would be cut.
 */
export function letterLines(face: Face, lines: readonly LetterLine[], style: LetterStyle): LetteredText {
  // Faces map some control characters to an empty glyph: the name would be cut without them and nobody told.
  const missing = new Set<string>(lines.flatMap(({ text }) => text.match(/\p{Cc}/gu) ?? []));
  const drawn = lines.map((line) => ringsOfLine(face, line, style, missing));
  const rings = drawn.length === 1 ? drawn[0]! : drawn.flatMap((line, i) => centredLine(line, i));
  const outline = joinRings(rings, LEAST_AREA);
  return {
    outline,
    inkBox: boxOfRings(outlineRings(outline)),
    capHeightEm: face.capHeightEm,
    xHeightEm: face.xHeightEm,
    lastBaselineEm: Math.max(0, lines.length - 1) * LINE_PITCH_EM,
    missing: [...missing],
  };
}

function centredLine(rings: readonly Int32Array[], index: number): Int32Array[] {
  const box = boxOfRings(rings);
  if (!box) return [];
  const middle = Math.round((box.minX + box.maxX) / 2);
  return rings.map((ring) => movedRing(ring, -middle, Math.round(index * LINE_PITCH_EM * EM_UNITS)));
}

/** A line without a taller part is shaped as a whole, so that its letters can join. */
function ringsOfLine(face: Face, { text, large }: LetterLine, style: LetterStyle, missing: Set<string>): Int32Array[] {
  if (!large) return shapedRings(face, text, style, missing, 1).rings;
  const parts = [
    { text: text.slice(0, large.at), scale: 1 },
    { text: text.slice(large.at, large.at + large.length), scale: LARGE },
    { text: text.slice(large.at + large.length), scale: 1 },
  ];
  const rings: Int32Array[] = [];
  const room = Math.round(LARGE_ROOM_EM * EM_UNITS);
  let penX: number | null = null;
  for (const { text: part, scale } of parts) {
    const shaped = shapedRings(face, part, style, missing, scale);
    const box = boxOfRings(shaped.rings);
    if (!box) continue;
    const dx: number = penX === null ? 0 : penX + room - box.minX;
    const dy = Math.round(((scale - 1) * face.capHeightEm * EM_UNITS) / 2);
    rings.push(...shaped.rings.map((ring) => movedRing(ring, dx, dy)));
    penX = box.maxX + dx;
  }
  return rings;
}

function shapedRings(
  face: Face,
  text: string,
  { trackingEm, features }: LetterStyle,
  missing: Set<string>,
  scale: number,
) {
  const composed = text.normalize('NFC');
  const unit = (EM_UNITS / face.unitsPerEm) * scale;
  const rings: Int32Array[] = [];
  for (const glyph of face.shape(composed, features, trackingEm)) {
    if (glyph.glyphId === 0) {
      missing.add(characterAt(composed, glyph.cluster));
      continue;
    }
    for (const ring of face.glyphRings(glyph.glyphId)) rings.push(placeRing(ring, glyph.x, glyph.y, unit));
  }
  return { rings };
}

/** One character with its rings where they stand in the line, not joined. */
export interface PlacedLetter {
  readonly character: string;
  readonly rings: readonly Int32Array[];
}

/** The letters of a line one by one, marks with their letters. */
export function placedLetters(face: Face, text: string, { trackingEm, features }: LetterStyle): PlacedLetter[] {
  const composed = text.normalize('NFC');
  const unit = EM_UNITS / face.unitsPerEm;
  const byCluster = new Map<number, Int32Array[]>();
  for (const { glyphId, cluster, x, y } of face.shape(composed, features, trackingEm)) {
    const rings = glyphId === 0 ? [] : face.glyphRings(glyphId).map((ring) => placeRing(ring, x, y, unit));
    byCluster.set(cluster, [...(byCluster.get(cluster) ?? []), ...rings]);
  }
  return [...byCluster]
    .sort(([a], [b]) => a - b)
    .map(([cluster, rings]) => ({ character: characterAt(composed, cluster), rings }));
}

function movedRing(ring: Int32Array, dx: number, dy: number): Int32Array {
  return ring.map((value, i) => value + (i % 2 === 0 ? dx : dy));
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
