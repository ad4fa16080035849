import type { Finding } from '@/core/finding';
import type { FitNumbers, SetSize } from '@/core/fit';
import type { OutlineNumbers } from '@/core/geometry';
import type { MadePass } from '@/core/sheets';

/** What computing answers: plain values that cross from thread to thread and leave as JSON. */

/** One fit for another program. Frame of the place: origin top left, y down. */
export interface FitAnswer extends FitNumbers {
  /** Integers of 0.1 µm where the fit lies in its place; null unless asked for. */
  readonly outline: OutlineNumbers | null;
}

export interface FitsAnswer {
  readonly fits: readonly FitAnswer[];
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

export interface PlannedPieceAnswer {
  readonly pieceId: string;
  readonly attempt: number;
  readonly text: readonly string[];
  /** Top left corner of the ink on the bed. */
  readonly xMm: number;
  readonly yMm: number;
  /** Of the ink as it reads; where it is turned the width lies down the bed. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly turnDeg: 0 | 90;
  /** SVG path in bed millimetres, as it lies (mirrored when reversed); null unless asked for. */
  readonly path: string | null;
}

export interface PlannedPassAnswer {
  /** The number it will get if it is made next in this order. */
  readonly no: number;
  readonly materialId: string;
  readonly isReversed: boolean;
  readonly bed: MadePass['bed'];
  readonly patchWidthMm: number;
  readonly patchHeightMm: number;
  readonly usedShare: number;
  readonly pieces: readonly PlannedPieceAnswer[];
}

/** What is not made yet: passes as they would be made now, and what stays out with the reason. */
export interface PlanAnswer {
  readonly passes: readonly PlannedPassAnswer[];
  readonly unplaced: readonly {
    readonly pieceId: string;
    readonly attempt: number;
    readonly text: readonly string[];
    readonly reason: {
      readonly kind: 'largerThanBed';
      readonly pieceWidthMm: number;
      readonly pieceHeightMm: number;
      readonly roomWidthMm: number;
      readonly roomHeightMm: number;
    };
  }[];
  readonly stopped: readonly {
    readonly itemId: string;
    readonly text: readonly string[];
    readonly findings: readonly Finding[];
  }[];
}
