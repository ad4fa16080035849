import { type Directed, directedParts } from '../directions';
import { EM_UNITS, type Face, type PartFeature } from '../faces';
import { boxOfRings, movedRing } from '../geometry';
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

/** A line as its faces set it. */
export interface ShapedLine {
  readonly glyphs: readonly LaidGlyph[];
  readonly missing: readonly MissingCharacter[];
}

/** How much taller the centre of a monogram is. Its middle stays on the middle of the other letters. */
const TALL = 1.6;
/** Clear room at both sides of a taller part, which the advances of smaller letters would not leave. */
const TALL_ROOM_EM = 0.06;

/** Neighbouring runs that are shaped as a whole, so that their letters can join whatever they are cut from. */
interface Segment {
  readonly runs: readonly { readonly run: number; readonly text: string; readonly look: SetRun }[];
  readonly look: SetRun;
}

/** A stretch of a segment that runs one way. */
interface Stretch {
  readonly segment: Segment;
  /** In UTF-16 units of the segment. */
  readonly start: number;
  readonly end: number;
  /** Left out where the letters tell. */
  readonly runsLeft?: boolean;
}

/**
 * Shapes a line run by run. Text is composed (NFC) first, so that an accent typed apart finds its letter. Unknown characters are
 * reported, not drawn: a box in their place would be cut.
 */
export function shapedLine({ runs }: SetLine, faceOf: FaceOf): ShapedLine {
  // Faces map some control characters to an empty glyph: the name would be cut without them and nobody told.
  const missing = runs.flatMap(({ text }, run) =>
    (text.match(/\p{Cc}/gu) ?? []).map((character): MissingCharacter => ({ character, run })),
  );
  const hasTall = runs.some(({ isTall }) => isTall);
  const glyphs: LaidGlyph[] = [];
  let pen = 0;
  let isFirst = true;
  for (const stretch of stretchesOf(segmentsOf(runs))) {
    const { segment } = stretch;
    const shaped = shapeStretch(stretch, faceOf(segment.look.face), missing);
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
  const segments: { runs: { run: number; text: string; look: SetRun }[]; look: SetRun }[] = [];
  runs.forEach((look, run) => {
    const part = { run, text: look.text.normalize('NFC'), look };
    const last = segments.at(-1);
    if (last && isShapedWith(last.look, look)) last.runs.push(part);
    else segments.push({ runs: [part], look });
  });
  return segments;
}

/** Runs that ask for other letters of one face are shaped together: their letters may join. */
function isShapedWith(a: SetRun, b: SetRun): boolean {
  return a.face === b.face && a.isTall === b.isTall && a.trackingEm === b.trackingEm;
}

/** From left to right as they are seen. */
function stretchesOf(segments: readonly Segment[]): Stretch[] {
  const texts = segments.map(textOf);
  const text = texts.join('');
  const starts: number[] = [];
  let length = 0;
  for (const own of texts) {
    starts.push(length);
    length += own.length;
  }
  const directed = directedParts(text, starts);
  // A line that is one stretch is shaped as its letters tell, and so are all whose letters run to the right.
  if (!directed.some(({ runsLeft }) => runsLeft)) {
    return segments.map((segment, i) => ({ segment, start: 0, end: texts[i]!.length }));
  }
  return directed.map((part: Directed) => {
    const no = starts.findLastIndex((start) => part.start >= start);
    const from = starts[no]!;
    return { segment: segments[no]!, start: part.start - from, end: part.end - from, runsLeft: part.runsLeft };
  });
}

function textOf({ runs }: Segment): string {
  return runs.map(({ text }) => text).join('');
}

function shapeStretch({ segment, start: from, end: to, runsLeft }: Stretch, face: Face, missing: MissingCharacter[]) {
  const { runs, look } = segment;
  const whole = textOf(segment);
  const text = whole.slice(from, to);
  const starts: number[] = [];
  let length = 0;
  for (const part of runs) {
    starts.push(length);
    length += part.text.length;
  }
  const unit = (EM_UNITS / face.unitsPerEm) * (look.isTall ? TALL : 1);
  const { features, partFeatures } = featuresOf(segment, starts, from);
  const shaped = face.shape(text, features, look.trackingEm, { partFeatures, runsLeft });
  const glyphs: LaidGlyph[] = [];
  for (const glyph of shaped.glyphs) {
    const cluster = glyph.cluster + from;
    const part = starts.findLastIndex((start) => cluster >= start);
    const run = runs[part]!.run;
    const at = cluster - starts[part]!;
    if (glyph.glyphId === 0) {
      missing.push({ character: characterAt(whole, cluster), run });
      continue;
    }
    const rings = face.glyphRings(glyph.glyphId).map((ring) => placeRing(ring, glyph.x, glyph.y, unit));
    glyphs.push({ run, at, rings });
  }
  return { glyphs, advance: Math.round(shaped.advance * unit) };
}

/** What all runs ask for, and what some of them ask for their part. */
function featuresOf(
  { runs, look: begins }: Segment,
  starts: readonly number[],
  from: number,
): { readonly features: readonly string[]; readonly partFeatures: readonly PartFeature[] } {
  const features = begins.features.filter((feature) => runs.every(({ look }) => look.features.includes(feature)));
  const partFeatures = runs.flatMap(({ text, look }, i) =>
    look.features
      .filter((feature) => !features.includes(feature))
      .map((feature): PartFeature => {
        const start = Math.max(0, starts[i]! - from);
        return { feature, start, end: Math.max(start, starts[i]! + text.length - from) };
      }),
  );
  return { features, partFeatures };
}

function movedGlyphs(glyphs: readonly LaidGlyph[], dx: number, dy: number): readonly LaidGlyph[] {
  if (dx === 0 && dy === 0) return glyphs;
  return glyphs.map((glyph) => ({ ...glyph, rings: glyph.rings.map((ring) => movedRing(ring, dx, dy)) }));
}

/** The whole character as a reader counts them, so that a picture made of several parts is named once. */
export function characterAt(text: string, index: number): string {
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
