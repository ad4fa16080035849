import { assertNever } from '../outcome';
import type { SlotLayer } from '../resolve';
import { borderOf } from './border';
import type { Letters, MadeLayer } from './letters';

/** It keeps millimetres: its outline is another one at each size of the letters. */
export function keepsMillimetres(make: SlotLayer['make']): boolean {
  return reachMm(make) > 0 || (make.kind === 'border' && make.fillsUnderMm > 0);
}

/** How many millimetres a layer reaches beyond the letters, whatever their size; zero for what grows with them. */
export function reachMm(make: SlotLayer['make']): number {
  return make.kind === 'border' && make.distance.by === 'mm' ? make.distance.mm : 0;
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
