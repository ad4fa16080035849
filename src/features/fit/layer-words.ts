import type { LettersAre, ShapeKind } from '@/core/edit';
import type { Backing, EdgeTool, Fold, LayerUnder, Sewing, StringHole } from '@/core/shop';

/** What layers are called on Fit. */

export const LETTERS_WORDS: Readonly<Record<LettersAre, string>> = {
  cut: 'cut',
  plate: 'left open in a plate',
  draw: 'drawn with a pen',
  mark: 'marked in',
};

export const PEN_WORDS: Readonly<Record<EdgeTool['by'], string>> = {
  draw: 'As wide as the pen draws',
  mark: 'As wide as the mark is',
};

export const ADD_WORDS: readonly {
  readonly kind: Exclude<ShapeKind, 'plate'>;
  readonly words: string;
  readonly again: string;
}[] = [
  { kind: 'border', words: 'Add a border', again: 'Another border below' },
  { kind: 'castEdge', words: 'Add a cast edge', again: 'Another cast edge' },
  { kind: 'inside', words: 'Add a line inside', again: 'Another line inside' },
  { kind: 'backing', words: 'Add a backing', again: 'Another backing' },
];

export const HOW_FAR_WORDS = [
  { id: 'mm', label: 'the same for all' },
  { id: 'height', label: 'grows with the letters' },
] as const;

/** Of its field in millimetres; with a share `, of their height` follows. */
export const REACH_WORDS: Readonly<Record<ShapeKind, string>> = {
  border: 'Beyond the letters',
  inside: 'Within their edge by',
  castEdge: 'Cast as far as',
  backing: 'Beyond the letters',
  plate: 'Beyond the letters',
};

export const BODY_WORDS = {
  rounded: 'rectangle, rounded',
  box: 'rectangle',
  grown: 'follows the letters',
} as const;

export const BACKING_WORDS: Readonly<Record<Backing, string>> = { ...BODY_WORDS, place: 'the whole place' };

export const FOLD_WORDS: Readonly<Record<'none' | Fold, string>> = {
  none: 'none',
  top: 'along its upper edge',
  left: 'along its left edge',
};

/** Of leather that is stitched on. */
export const FIRST_SEWING: Sewing = { insetMm: 3, pitchMm: 5, diameterMm: 1 };

/** Clockwise from the right. */
export const TOWARD_WORDS: readonly (readonly [deg: string, words: string])[] = [
  ['45', 'down to the right'],
  ['90', 'down'],
  ['135', 'down to the left'],
  ['180', 'to the left'],
  ['225', 'up to the left'],
  ['270', 'up'],
  ['315', 'up to the right'],
  ['0', 'to the right'],
];

export const UNDER_WORDS: Readonly<Record<'whole' | LayerUnder['kind'], string>> = {
  whole: 'left whole',
  trap: 'taken out but for a rim',
  inlay: 'fitted beside it',
};

/** What a turn to one way or the other begins with. */
export const FIRST_REACH = { mm: { by: 'mm', mm: 1.5 }, height: { by: 'height', share: 0.06 } } as const;
export const FIRST_UNDER = { trap: { kind: 'trap', mm: 2 }, inlay: { kind: 'inlay', mm: 0.1 } } as const;

export const HOLE_WORDS: Readonly<Record<'none' | StringHole['side'], string>> = {
  none: 'none',
  left: 'left of the text',
  top: 'above the text',
};

/** A thin cord goes through, and card holds. */
export const FIRST_HOLE = { side: 'left', diameterMm: 4, edgeMm: 4 } as const;
