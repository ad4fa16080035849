import { FLATTEN_TOLERANCE_EM, EM_UNITS } from '../faces';
import { type Outline, joinRings, mapOutline } from '../geometry';
import { assertNever } from '../outcome';
import type { SlotLayer } from '../resolve';
import { type BorderFacts, borderOf } from './border';

/** The letters of a text where they stand, by the colour slot that they are cut from. */
export type LaidLetters = ReadonlyMap<string, readonly Int32Array[]>;

/** What layers are made of: the letters as wide as they are drawn, each joining done once. */
export interface Letters {
  readonly ofSlot: (colourSlot: string) => Outline;
  readonly all: () => Outline;
  readonly capHeightEm: number;
}

/** An outline in millionths of an em, with what there is to say of how it was made. */
export interface MadeLayer {
  readonly outline: Outline;
  readonly border?: BorderFacts;
}

/** Rings smaller than a square of twice the flattening tolerance are noise of the curves, not drawn shapes. */
export const LEAST_AREA = (2 * FLATTEN_TOLERANCE_EM * EM_UNITS) ** 2;

/** Drawn narrower or wider by a share; heights stay, strokes across change with the width. */
export function lettersOf(laid: LaidLetters, widthShare: number, capHeightEm: number): Letters {
  const joined = (rings: Iterable<Int32Array>): Outline => {
    const outline = joinRings(rings, LEAST_AREA);
    return widthShare === 1 ? outline : mapOutline(outline, widthShare, 1, 0, 0);
  };
  let all: Outline | null = null;
  return {
    ofSlot: (colourSlot) => joined(laid.get(colourSlot) ?? []),
    all: () => (all ??= joined([...laid.values()].flat())),
    capHeightEm,
  };
}

/** It keeps millimetres: its outline is another one at each size of the letters. */
export function keepsMillimetres(make: SlotLayer['make']): boolean {
  return reachOf(make).mm > 0 || (make.kind === 'border' && make.fillsUnderMm > 0);
}

/** How far a layer reaches beyond the letters: so many millimetres, or a share of the height of capitals. */
export function reachOf(make: SlotLayer['make']): { readonly mm: number; readonly share: number } {
  if (make.kind === 'text') return { mm: 0, share: 0 };
  const { distance } = make;
  return distance.by === 'mm' ? { mm: distance.mm, share: 0 } : { mm: 0, share: distance.share };
}

/** How a layer comes to be at a size of the letters. A new kind is a case here and a kind in the lettering's schema. */
export function makeLayer(
  { make, colourSlot }: Pick<SlotLayer, 'make' | 'colourSlot'>,
  letters: Letters,
  emMm: number,
): MadeLayer {
  switch (make.kind) {
    case 'text':
      return { outline: letters.ofSlot(colourSlot) };
    case 'border':
      return borderOf(make, letters, emMm);
    default:
      return assertNever(make);
  }
}
