/**
 * Monograms: letters → letters in a form. Pure geometry on outlines; which letters they are, names say, and where they are cut from,
 * the lettering. A new form is a file, and a line here.
 */
import type { FormedMonogram, MonogramForm, MonogramInput } from './form';
import type { MonogramShape } from '../shop';
import { inShape } from './in-shape';
import { interlaced } from './interlaced';
import { twoOverOne, twoWithBar } from './rows';
import { toCircle, toLozenge, toShield, toSquare } from './shapes';

export type { FormedMonogram, MonogramInput } from './form';
export { circleAbout, frameRings } from './frames';
export { splitHeight, splitRings } from './split';
export { type MapPoint, mappedRing } from './mapped';

const FORMS: Readonly<Record<MonogramShape, MonogramForm>> = {
  circle: inShape(toCircle, 1, 3),
  lozenge: inShape(toLozenge, 1, 3),
  square: inShape(toSquare, 1, 4),
  shield: inShape(toShield, 1, 3),
  twoOverOne,
  bar: twoWithBar,
  interlaced,
};

/** Null: so many letters do not make this form. */
export function formMonogram(shape: MonogramShape, input: MonogramInput): FormedMonogram | null {
  return FORMS[shape](input);
}
