import { FLATTEN_TOLERANCE_EM, EM_UNITS } from '../faces';
import { type Outline, joinRings } from '../geometry';
import { assertNever } from '../outcome';
import type { SlotLayer } from '../resolve';

/** The letters of a text where they stand, by the colour slot that they are cut from. */
export type LaidLetters = ReadonlyMap<string, readonly Int32Array[]>;

/** How one kind of layer is made. */
export interface Maker {
  /**
   * Its outline grows with the letters, so that it is made once for a text, without a size. A kind that keeps millimetres (a border
   * of constant width, say) says `false` and is made at each size; the search for the largest fit then asks for all ink at a size.
   */
  readonly scales: true;
  readonly make: (layer: Pick<SlotLayer, 'colourSlot'>, letters: LaidLetters) => Outline;
}

/** Rings smaller than a square of twice the flattening tolerance are noise of the curves, not drawn shapes. */
const LEAST_AREA = (2 * FLATTEN_TOLERANCE_EM * EM_UNITS) ** 2;

/** The letters of its colour slot, joined where they overlap. */
const TEXT: Maker = {
  scales: true,
  make: ({ colourSlot }, letters) => joinRings(letters.get(colourSlot) ?? [], LEAST_AREA),
};

/** A new kind of layer is a case here and a kind in the lettering's schema; nothing else tells them apart. */
export function makerOf(make: SlotLayer['make']): Maker {
  switch (make.kind) {
    case 'text':
      return TEXT;
    default:
      return assertNever(make.kind);
  }
}
