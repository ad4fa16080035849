import { EM_UNITS } from '../faces';
import { type Ring, boxOfRings } from '../geometry';
import { type FormedMonogram, formMonogram, frameRings } from '../monograms';
import type { SetLine } from '../resolve';
import type { MonogramSetting } from '../shop';
import { type FaceOf, type LaidGlyph, type MissingCharacter, byLetter, layLine } from './lay-line';

/** A line by itself at the size of its letters: its baseline at y = 0. */
export interface LaidLine {
  readonly line: SetLine;
  readonly glyphs: readonly LaidGlyph[];
  /** Rings that belong to no letter: a bar, a frame. They are cut from what its first letters are cut from. */
  readonly beside: readonly Ring[];
  readonly missing: readonly MissingCharacter[];
  /** Height of its capitals. */
  readonly capHeight: number;
  /** Of its lowest letter, of those. */
  readonly lowestShare: number;
  /** How many times as large as the lettering's its letters are. */
  readonly scale: number;
  /** The letters of a monogram that its shape could not take; null: they could be, or there is none. */
  readonly unformed: number | null;
  /** Those that have their form; null: none has. */
  readonly formed: FormedLetters | null;
}

/** The letters of a monogram as they are drawn, and in their form, before either is brought to its size. */
export interface FormedLetters {
  readonly drawn: readonly Ring[];
  readonly formed: readonly Ring[];
  readonly capHeight: number;
}

/** What is said of a text besides its lines. */
export interface LineSetting {
  readonly monogram: MonogramSetting | undefined;
  readonly widthShare: number;
}

/** Shapes a line, gives a monogram its form, and brings it to its size. */
export function laidLine(line: SetLine, { monogram, widthShare }: LineSetting, faceOf: FaceOf): LaidLine {
  const { glyphs, missing } = layLine(line, faceOf);
  const scale = line.sizeShare ?? 1;
  // Of several faces the tallest keeps clear of the line above.
  const capHeight = Math.max(0, ...line.runs.map(({ face }) => faceOf(face).capHeightEm)) * EM_UNITS;
  const plain: LaidLine = {
    line,
    glyphs,
    beside: [],
    missing,
    capHeight,
    lowestShare: 1,
    scale: 1,
    unformed: null,
    formed: null,
  };
  const isMonogram = line.runs.length > 0 && line.runs.every((run) => run.isMonogram);
  const drawn = resized(plain, widthShare, 1);
  const formed =
    isMonogram && monogram && missing.length === 0 ? withForm(drawn, { ...monogram, widthShare }, faceOf) : drawn;
  return resized(formed, scale, scale);
}

function withForm(
  plain: LaidLine,
  { shape, gapShare, frame, widthShare }: MonogramSetting & { readonly widthShare: number },
  faceOf: FaceOf,
): LaidLine {
  const { line, capHeight } = plain;
  const gap = Math.round(gapShare * capHeight);
  const input = { ...lettersOf(line, widthShare, faceOf), capHeight, gap };
  const formed = shape && formMonogram(shape, input);
  const standing = formed ? standingIn(plain, input.glyphs, formed) : plain;
  const ink = [...standing.glyphs.flatMap(({ rings }) => rings), ...standing.beside];
  const around = frame ? frameRings(frame, ink, { gap: 2 * gap, height: capHeight }) : [];
  return {
    ...standing,
    beside: [...standing.beside, ...around],
    unformed: shape && !formed ? input.letters.length : null,
    formed: formed ? { drawn: input.letters.flat(), formed: formed.letters.flat(), capHeight } : null,
  };
}

/** Letter by letter, none taller than the others. */
function lettersOf(line: SetLine, widthShare: number, faceOf: FaceOf) {
  const level = { ...line, runs: line.runs.map((run) => ({ ...run, isTall: false })) };
  const glyphs = byLetter(resizedGlyphs(layLine(level, faceOf).glyphs, widthShare, 1));
  return { glyphs, letters: glyphs.map(({ rings }) => rings) };
}

function standingIn(plain: LaidLine, glyphs: readonly LaidGlyph[], formed: FormedMonogram): LaidLine {
  return {
    ...plain,
    glyphs: glyphs.map((glyph, i) => ({ ...glyph, rings: formed.letters[i]! as readonly Int32Array[] })),
    beside: formed.between,
    lowestShare: formed.lowestShare,
  };
}

/** Larger or smaller as a whole; `across` and `down` differ where it is drawn narrower. */
export function resized(laid: LaidLine, across: number, down: number): LaidLine {
  if (across === 1 && down === 1) return laid;
  return {
    ...laid,
    glyphs: resizedGlyphs(laid.glyphs, across, down),
    beside: laid.beside.map((ring) => resizedRing(ring, across, down)),
    capHeight: laid.capHeight * down,
    scale: laid.scale * down,
  };
}

function resizedGlyphs(glyphs: readonly LaidGlyph[], across: number, down: number): readonly LaidGlyph[] {
  if (across === 1 && down === 1) return glyphs;
  return glyphs.map((glyph) => ({ ...glyph, rings: glyph.rings.map((ring) => resizedRing(ring, across, down)) }));
}

function resizedRing(ring: Ring, across: number, down: number): Int32Array {
  return ring.map((value, i) => Math.round(value * (i % 2 === 0 ? across : down)));
}

/** All of its ink. */
export function inkBoxOf({ glyphs, beside }: Pick<LaidLine, 'glyphs' | 'beside'>) {
  return boxOfRings([...glyphs.flatMap(({ rings }) => rings), ...beside]);
}
