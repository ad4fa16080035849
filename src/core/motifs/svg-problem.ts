/** Why a drawing is not taken. `most` is what Knurl takes of it. */
export type SvgProblem =
  | { readonly kind: 'tooLarge'; readonly mostBytes: number }
  /** Not XML, or broken somewhere: `line` counts from 1. */
  | { readonly kind: 'unreadable'; readonly line: number }
  | { readonly kind: 'noSvg'; readonly root: string }
  /** What it brings along beside shapes, or asks for from elsewhere. */
  | { readonly kind: 'notPlain'; readonly what: NotPlain }
  | { readonly kind: 'tooMany'; readonly what: Counted; readonly most: number }
  /** A number that is none, or none that anything could be drawn with. */
  | { readonly kind: 'badNumber'; readonly element: string; readonly attribute: string }
  | { readonly kind: 'nothingDrawn'; readonly leftOut: readonly LeftOut[] }
  | { readonly kind: 'tookTooLong'; readonly seconds: number };

export type NotPlain = 'doctype' | 'script' | 'reference' | 'circle';

export type Counted = 'elements' | 'levels' | 'copies' | 'rules' | 'segments' | 'points' | 'colours';

/** What was not taken over, and how often. */
export interface LeftOut {
  readonly what: LeftOutKind;
  readonly count: number;
}

export type LeftOutKind =
  'text' | 'picture' | 'clipped' | 'gradient' | 'pattern' | 'dashes' | 'markers' | 'filter' | 'fixedStroke' | 'element';

export const MOST_SVG_BYTES = 2_000_000;
export const MOST_ELEMENTS = 20_000;
export const MOST_LEVELS = 64;
export const MOST_COPIES = 2000;
export const MOST_RULES = 500;
export const MOST_SEGMENTS = 20_000;
