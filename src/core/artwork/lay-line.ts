import { EM_UNITS, type Face } from '../faces';
import { boxOfRings } from '../geometry';
import type { SetLine, SetRun } from '../resolve';

/** Answers a loaded face by hash, and throws for one that was not loaded. */
export type FaceOf = (sha: string) => Face;

/** One glyph with its rings where they stand in the line: millionths of an em, y down, baseline at y = 0, pen start at x = 0. */
export interface LaidGlyph {
  /** Which run of the line it belongs to. */
  readonly run: number;
  /** The first UTF-16 unit of that run's composed text that it stands for. */
  readonly at: number;
  readonly rings: readonly Int32Array[];
}

/** A character without a glyph in its face; it is left out. */
export interface MissingCharacter {
  readonly character: string;
  readonly run: number;
}

/** How much taller the centre of a monogram is. Its middle stays on the middle of the other letters. */
const TALL = 1.6;
/** Clear room at both sides of a taller part, which the advances of smaller letters would not leave. */
const TALL_ROOM_EM = 0.06;

/** Neighbouring runs that are shaped as a whole, so that their letters can join whatever they are cut from. */
interface Segment {
  readonly runs: readonly { readonly run: number; readonly text: string }[];
  readonly look: SetRun;
}

/**
 * Shapes a line run by run. Text is composed (NFC) first, so that an accent typed apart finds its letter. Unknown characters are
 * reported, not drawn: a box in their place would be cut.
 */
export function layLine(
  { runs }: SetLine,
  faceOf: FaceOf,
): { readonly glyphs: readonly LaidGlyph[]; readonly missing: readonly MissingCharacter[] } {
  // Faces map some control characters to an empty glyph: the name would be cut without them and nobody told.
  const missing = runs.flatMap(({ text }, run) =>
    (text.match(/\p{Cc}/gu) ?? []).map((character): MissingCharacter => ({ character, run })),
  );
  const hasTall = runs.some(({ isTall }) => isTall);
  const glyphs: LaidGlyph[] = [];
  let pen = 0;
  let isFirst = true;
  for (const segment of segmentsOf(runs)) {
    const shaped = shapeSegment(segment, faceOf(segment.look.face), missing);
    if (!hasTall) {
      glyphs.push(...movedGlyphs(shaped.glyphs, pen, 0));
      pen += shaped.advance;
      continue;
    }
    // Beside taller letters the ink decides, not the advance.
    const box = boxOfRings(shaped.glyphs.flatMap(({ rings }) => rings));
    if (!box) continue;
    const dx = isFirst ? 0 : pen + Math.round(TALL_ROOM_EM * EM_UNITS) - box.minX;
    const rise = segment.look.isTall ? (TALL - 1) * faceOf(segment.look.face).capHeightEm : 0;
    glyphs.push(...movedGlyphs(shaped.glyphs, dx, Math.round((rise * EM_UNITS) / 2)));
    pen = box.maxX + dx;
    isFirst = false;
  }
  return { glyphs, missing };
}

function segmentsOf(runs: readonly SetRun[]): Segment[] {
  const segments: { runs: { run: number; text: string }[]; look: SetRun }[] = [];
  runs.forEach((look, run) => {
    const part = { run, text: look.text.normalize('NFC') };
    const last = segments.at(-1);
    if (last && isShapedWith(last.look, look)) last.runs.push(part);
    else segments.push({ runs: [part], look });
  });
  return segments;
}

function isShapedWith(a: SetRun, b: SetRun): boolean {
  return (
    a.face === b.face &&
    a.isTall === b.isTall &&
    a.trackingEm === b.trackingEm &&
    a.features.join() === b.features.join()
  );
}

function shapeSegment({ runs, look }: Segment, face: Face, missing: MissingCharacter[]) {
  const text = runs.map((part) => part.text).join('');
  const starts: number[] = [];
  let length = 0;
  for (const part of runs) {
    starts.push(length);
    length += part.text.length;
  }
  const unit = (EM_UNITS / face.unitsPerEm) * (look.isTall ? TALL : 1);
  const shaped = face.shape(text, look.features, look.trackingEm);
  const glyphs: LaidGlyph[] = [];
  for (const glyph of shaped.glyphs) {
    const part = starts.findLastIndex((start) => glyph.cluster >= start);
    const run = runs[part]!.run;
    const at = glyph.cluster - starts[part]!;
    if (glyph.glyphId === 0) {
      missing.push({ character: characterAt(text, glyph.cluster), run });
      continue;
    }
    const rings = face.glyphRings(glyph.glyphId).map((ring) => placeRing(ring, glyph.x, glyph.y, unit));
    glyphs.push({ run, at, rings });
  }
  return { glyphs, advance: Math.round(shaped.advance * unit) };
}

function movedGlyphs(glyphs: readonly LaidGlyph[], dx: number, dy: number): readonly LaidGlyph[] {
  if (dx === 0 && dy === 0) return glyphs;
  return glyphs.map((glyph) => ({ ...glyph, rings: glyph.rings.map((ring) => movedRing(ring, dx, dy)) }));
}

export function movedRing(ring: Int32Array, dx: number, dy: number): Int32Array {
  return ring.map((value, i) => value + (i % 2 === 0 ? dx : dy));
}

/** One character with its rings where they stand in the line, not joined. */
export interface PlacedLetter {
  readonly character: string;
  readonly run: number;
  readonly rings: readonly Int32Array[];
}

/** The letters of a line one by one. */
export function placedLetters(line: SetLine, faceOf: FaceOf): PlacedLetter[] {
  return byLetter(layLine(line, faceOf).glyphs).map(({ run, at, rings }) => {
    return { character: characterAt(line.runs[run]!.text.normalize('NFC'), at), run, rings };
  });
}

/** Glyphs put together that stand for one letter: marks with their letters. */
export function byLetter(glyphs: readonly LaidGlyph[]): LaidGlyph[] {
  const letters = new Map<string, LaidGlyph>();
  for (const { run, at, rings } of glyphs) {
    const key = `${run} ${at}`;
    letters.set(key, { run, at, rings: [...(letters.get(key)?.rings ?? []), ...rings] });
  }
  return [...letters.values()];
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
