import { type Outline, takeOut } from '../geometry';
import { assertNever } from '../outcome';
import type { Aside } from '../place';
import type { LetterApart, SlotLayer } from '../resolve';
import { bodyOf } from './bodies';
import { borderOf } from './border';
import { castEdgeOf } from './cast-edge';
import { grownBy } from './grown-by';
import { insideOf } from './inside';
import { LEAST_AREA, type Letters, type MadeLayer } from './letters';

/** It keeps millimetres: its outline is another one at each size of the letters. */
export function keepsMillimetres({ make, under }: Pick<SlotLayer, 'make' | 'under'>): boolean {
  if (under) return true;
  if (make.kind === 'text' || make.kind === 'motif') return false;
  if (isWholePlace(make) || (make.kind === 'backing' && make.sewing)) return true;
  if (make.distance.by === 'mm' || ((make.kind === 'backing' || make.kind === 'plate') && make.hole)) return true;
  return (make.kind === 'border' && make.fillsUnderMm > 0) || (make.kind === 'inside' && make.lineMm !== null);
}

/** As large as its place, which is not known before it lies there. */
export function isWholePlace(make: SlotLayer['make']): boolean {
  return make.kind === 'backing' && make.body === 'place';
}

/** A square corner is farther from the letters than its sides are. */
const SQUARE_CORNER = Math.SQRT2;

/**
 * How many millimetres a layer reaches beyond the letters at most, whatever their size; zero for what grows with them. Of what is as
 * large as its place: how far letters keep off its edge.
 */
export function reachMm(make: SlotLayer['make']): number {
  if (make.kind === 'text' || make.kind === 'motif' || make.kind === 'inside') return 0;
  if (make.distance.by !== 'mm') return 0;
  const hasSquareCorners = (make.kind === 'backing' || make.kind === 'plate') && make.body === 'box';
  return hasSquareCorners ? SQUARE_CORNER * make.distance.mm : make.distance.mm;
}

/** How much farther than that a layer reaches to one side, for a hole in it. */
export function asideMm(make: SlotLayer['make']): Aside {
  if ((make.kind !== 'backing' && make.kind !== 'plate') || isWholePlace(make) || !make.hole) return NOT_ASIDE;
  const { side, diameterMm, edgeMm } = make.hole;
  const reach = make.distance.by === 'mm' ? make.distance.mm : 0;
  // From the text to the middle of the hole, and from there to the edge of the body.
  const mm = Math.max(0, edgeMm + diameterMm / 2 + Math.max(diameterMm / 2 + edgeMm, reach) - reachMm(make));
  return side === 'left' ? { leftMm: mm, topMm: 0 } : { leftMm: 0, topMm: mm };
}

const NOT_ASIDE: Aside = { leftMm: 0, topMm: 0 };

/** It covers its letters, and what is drawn in from them. */
export function coversLetters({ make, under }: Pick<SlotLayer, 'make' | 'under'>): boolean {
  return under === undefined && (make.kind === 'border' || make.kind === 'castEdge' || make.kind === 'backing');
}

export interface MakeAt {
  /** Zero: none is known yet. */
  readonly emMm: number;
  /** Its letters, where each is a piece of its own. */
  readonly apart: readonly LetterApart[] | null;
}

/** How a layer comes to be at a size of the letters; zero: none is known yet. A new kind is a case here and a kind in the lettering's schema. */
export function makeLayer(
  { make, colourSlot }: Pick<SlotLayer, 'make' | 'colourSlot'>,
  letters: Letters,
  { emMm, apart }: MakeAt,
): MadeLayer {
  switch (make.kind) {
    case 'text': {
      const outline = letters.ofSlot(colourSlot);
      return apart ? { outline, parts: letters.apart(apart) } : { outline };
    }
    case 'motif':
      return { outline: letters.ofMotif(make.part) };
    case 'border':
      return borderOf(make, letters, emMm);
    case 'inside':
      return { outline: insideOf(make, letters, emMm) };
    case 'castEdge':
      return { outline: castEdgeOf(make, letters, emMm) };
    case 'backing':
    case 'plate':
      return bodyOf(make, letters, emMm);
    default:
      return assertNever(make);
  }
}

/** What is left of a layer under those above it: all but a rim below their edges, or what leaves a gap around them, is taken out. */
export function makeRoom(
  made: MadeLayer,
  above: readonly Outline[],
  under: SlotLayer['under'],
  emMm: number,
): MadeLayer {
  const islands = above.flatMap((one) => one.islands);
  if (!under || emMm <= 0 || islands.length === 0) return made;
  const byEm = (under.kind === 'trap' ? -under.mm : under.mm) / emMm;
  return { ...made, outline: takeOut(made.outline, grownBy({ islands }, byEm, emMm), LEAST_AREA) };
}
