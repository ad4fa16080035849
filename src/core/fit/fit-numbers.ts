import type { Finding } from '../finding';
import type { FitRef } from '../run';
import type { Fit } from './fit-run';

/** A fit without its outline: plain values that cross from thread to thread and leave as JSON. */
export interface FitNumbers extends FitRef {
  readonly itemId: string;
  readonly text: readonly string[];
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  /** Top left corner of the ink in the frame of the place. */
  readonly xMm: number;
  readonly yMm: number;
  /** Quarter turns, clockwise. */
  readonly turnDeg: Fit['turnDeg'];
  /** Null when the blank does not come in what the list asks for. */
  readonly variantId: string | null;
  readonly boundBy: Fit['boundBy'];
  readonly findings: readonly Finding[];
}

export function fitNumbers({ slot, ...fit }: Fit): FitNumbers {
  const { emMm, capHeightMm, inkWidthMm, inkHeightMm, xMm, yMm, turnDeg, boundBy, findings } = fit;
  return {
    ...slot.ref,
    itemId: slot.itemId,
    text: slot.text,
    emMm,
    capHeightMm,
    inkWidthMm,
    inkHeightMm,
    xMm,
    yMm,
    turnDeg,
    variantId: slot.variant?.id ?? null,
    boundBy,
    findings,
  };
}
