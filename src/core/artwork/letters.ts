import { FLATTEN_TOLERANCE_EM, EM_UNITS } from '../faces';
import { EMPTY_OUTLINE, type Outline, type Ring, joinRings, mapOutline } from '../geometry';
import type { LetterApart } from '../resolve';
import type { LineTool } from '../shop';
import type { BorderFacts } from './border-facts';

/** The letters of a text where they stand, by the colour slot that they are cut from. */
export type LaidLetters = ReadonlyMap<string, readonly Int32Array[]>;

/** What layers are made of: the letters as wide as they are drawn, each joining done once. */
export interface Letters {
  readonly ofSlot: (colourSlot: string) => Outline;
  /** Each letter by itself, as they are named. */
  readonly apart: (letters: readonly LetterApart[]) => readonly Outline[];
  /** A part of what stands beside them. */
  readonly ofMotif: (part: number) => Outline;
  /** With that. */
  readonly all: () => Outline;
  readonly capHeightEm: number;
}

/** An outline in millionths of an em, with what there is to say of how it was made. */
export interface MadeLayer {
  readonly outline: Outline;
  readonly border?: BorderFacts;
  /** What else a machine does along lines on it; left out: nothing. */
  readonly lines?: readonly MadeLine[];
  /** Of letters that are pieces of their own: each by itself, in the order of `lettersApart`; one that has no shape of its own is empty. */
  readonly parts?: readonly Outline[];
}

/** A line on a layer in its frame: a ring, or of two points alone a straight line. */
export interface MadeLine {
  readonly by: LineTool;
  readonly ring: Ring;
}

/** Rings smaller than a square of twice the flattening tolerance are noise of the curves, not drawn shapes. */
export const LEAST_AREA = (2 * FLATTEN_TOLERANCE_EM * EM_UNITS) ** 2;

/** The rings of a letter where they stand. */
export type RingsOfLetter = (letter: LetterApart) => readonly Int32Array[];

/** Drawn narrower or wider by a share; heights stay, strokes across change with the width. */
export function lettersOf(laid: LaidLetters, ringsOf: RingsOfLetter, widthShare: number, capHeightEm: number): Letters {
  const joined = (rings: Iterable<Int32Array>): Outline => {
    const outline = joinRings(rings, LEAST_AREA);
    return widthShare === 1 ? outline : mapOutline(outline, widthShare, 1, 0, 0);
  };
  let all: Outline | null = null;
  const bySlot = new Map<string, Outline>();
  const ofSlot = (colourSlot: string): Outline => {
    const outline = bySlot.get(colourSlot) ?? joined(laid.get(colourSlot) ?? []);
    bySlot.set(colourSlot, outline);
    return outline;
  };
  const [only, ...others] = laid.keys();
  const isOneColour = only !== undefined && others.length === 0;
  return {
    ofSlot,
    apart: (letters) => letters.map((letter) => joined(ringsOf(letter))),
    ofMotif: () => EMPTY_OUTLINE,
    all: () => (all ??= isOneColour ? ofSlot(only) : joined([...laid.values()].flat())),
    capHeightEm,
  };
}
