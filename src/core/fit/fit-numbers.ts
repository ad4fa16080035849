import type { Finding } from '../finding';
import type { FitRef } from '../spec';
import type { Fit } from './fit-run';
import { outlineFacts } from './outline-facts';

/** A fit without its outline: plain values that cross from thread to thread and leave as JSON. */
export interface FitNumbers extends FitRef {
  readonly itemId: string;
  readonly text: readonly string[];
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly xHeightMm: number;
  /** The tallest capitals that its place holds, whatever its set asks for. */
  readonly mostCapMm: number;
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
  readonly numIslands: number;
  /** Holes to weed. */
  readonly numHoles: number;
  /** Length of all edges that are cut. */
  readonly edgeMm: number;
  readonly areaMm2: number;
  readonly letteringId: string;
  /** What its lowest layer is cut from. */
  readonly materialId: string;
  readonly findings: readonly Finding[];
  /** Findings that somebody looked at and let stand. */
  readonly looked: readonly Finding[];
}

export function fitNumbers({ slot, lettered, ...fit }: Fit): FitNumbers {
  const { emMm, capHeightMm, xHeightMm, mostCapMm, inkWidthMm, inkHeightMm, xMm, yMm, turnDeg, boundBy } = fit;
  return {
    ...slot.ref,
    itemId: slot.itemId,
    text: slot.text,
    emMm,
    capHeightMm,
    xHeightMm,
    mostCapMm,
    inkWidthMm,
    inkHeightMm,
    xMm,
    yMm,
    turnDeg,
    variantId: slot.variant?.id ?? null,
    boundBy,
    ...outlineFacts(lettered, emMm),
    letteringId: slot.place.letteringId,
    materialId: fit.materialId,
    findings: fit.findings,
    looked: fit.looked,
  };
}
