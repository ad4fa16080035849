import { hasStop } from '../finding';
import { type Fit, inkOutline } from '../fit';
import { type Box, type Outline, boxOfRings, outlineRings } from '../geometry';
import type { RunSpec } from '../spec';
import { type PieceName, namesOfSlot } from './piece-names';

export interface Piece extends PieceName {
  readonly text: readonly string[];
  /** As it will be read, never mirrored: integers of 0.1 µm, ink's top left corner at the origin. */
  readonly outline: Outline;
  readonly box: Box;
}

/** The pieces that may be cut: fits with a stop finding give none until it is remedied. In roster order. */
export function piecesOfFits(spec: RunSpec, fits: readonly Fit[]): Piece[] {
  return fits
    .filter(({ findings }) => !hasStop(findings))
    .flatMap((fit) => {
      const outline = inkOutline(fit);
      const box = boxOfRings(outlineRings(outline));
      if (!box) return [];
      return namesOfSlot(spec, fit.slot).map((name) => ({ ...name, text: fit.slot.text, outline, box }));
    });
}
