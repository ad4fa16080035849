import { type Blank, processFacts, processOf } from '../shop';
import type { PressedPlace } from './press-place';

/** What can hurt, or harm whoever uses it, beside the heat itself. */
export type Caution = 'food' | 'fumes';

export interface CautionedBlank extends Pick<Blank, 'uses' | 'fabricClass'> {
  readonly materials: PressedPlace['materials'];
}

/** Said where it matters: on what touches food, and where something is heated of which nobody knows what it is. */
export function pressCautions({ uses, fabricClass, materials }: CautionedBlank): readonly Caution[] {
  const isHeated = materials.some((material) => processFacts(processOf(material)).bondedWord === 'pressed');
  const isUnknown = fabricClass === null || fabricClass === 'other' || fabricClass === 'leatherette';
  return [
    ...(uses.includes('food') ? (['food'] as const) : []),
    ...(isHeated && isUnknown ? (['fumes'] as const) : []),
  ];
}
