import type { Variant } from './blank-schema';
import type { MeasuredPlace } from './place-schema';
import { shapeBox } from './shape-box';

/** Narrower than the whole by no more than that is the whole. */
const NEAR_MM = 1;

/** Whether a place is as large as its blank: what is cut as large as that is the blank itself, and no patch on it. */
export function isWholeBlank({ body }: Pick<Variant, 'body'>, { outline }: Pick<MeasuredPlace, 'outline'>): boolean {
  const { widthMm, heightMm } = shapeBox(outline);
  return widthMm > body.widthMm - NEAR_MM && heightMm > body.heightMm - NEAR_MM;
}
