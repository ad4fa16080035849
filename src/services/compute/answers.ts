import type { FitNumbers, LayerNumbers } from '@/core/figures';
import type { Finding } from '@/core/finding';
import type { SetSize } from '@/core/fit';
import type { MadePass } from '@/core/freeze';
import type { OutlineNumbers } from '@/core/geometry';
import type { Spot } from '@/core/place';
import type { OpenPieces } from '@/core/release';
import type { FrozenPiece } from '../frozen';
import type { PageTold } from '../page';

/** What computing answers: plain values that cross from thread to thread and leave as JSON. */

/** One fit for another program. Frame of the place: origin top left, y down. */
export interface FitAnswer extends Omit<FitNumbers, 'layers'> {
  /** The spot's own figures once more, as they stood here before layers; zero without a spot. */
  readonly xMm: number;
  readonly yMm: number;
  readonly turnDeg: 0 | 90 | 180 | 270;
  /** What the lowest layer is cut from. */
  readonly materialId: string;
  /** Of all layers together. */
  readonly numIslands: number;
  readonly numHoles: number;
  readonly edgeMm: number;
  readonly areaMm2: number;
  readonly layers: readonly LayerAnswer[];
  /** Integers of 0.1 µm where all ink of the fit lies in its place; null unless asked for. */
  readonly outline: OutlineNumbers | null;
}

export interface LayerAnswer extends LayerNumbers {
  readonly pieceId: string;
  /** As it was made or released: what is cut, whatever the fit is now. Null while it follows the fit. */
  readonly frozen: FrozenPiece | null;
  /** Of letters that are pieces of their own: each of them; the two above are those of the first. Left out: all of them are one piece. */
  readonly letters?: readonly LetterAnswer[];
  /** This layer's own outline where it lies in the place; null unless asked for. */
  readonly outline: OutlineNumbers | null;
}

export interface LetterAnswer extends Pick<LayerAnswer, 'pieceId' | 'frozen'> {
  readonly letter: string;
  /** Where it lies in the place; null without one. */
  readonly spot: Spot | null;
}

/** A part of all fits, measured; `setSizes` are those of all. */
export interface FitsAnswer extends PageTold {
  readonly fits: readonly FitAnswer[];
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

/** A piece as it lies on a bed, planned or made. */
export interface PieceOnBed {
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
  /** The same of what is drawn, marked, scored and pierced on it; empty without any. */
  readonly linesPath: string | null;
}

export interface PatchOnBed {
  readonly materialId: string;
  readonly isReversed: boolean;
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Share of it that the pieces' boxes cover, 0 to 1. */
  readonly usedShare: number;
  /** Share of it that is ink, 0 to 1. */
  readonly inkShare: number;
  readonly pieces: readonly PieceOnBed[];
}

/** A pass as it is drawn, whether it is made or only planned. */
export interface PassOnBed {
  /** Of a planned one: the number it will get if it is made next in this order. */
  readonly no: number;
  readonly bed: MadePass['bed'];
  readonly patches: readonly PatchOnBed[];
}

/** A planned pass before it is made: the number that it gets, and what in it is open. */
export interface OpenPass extends OpenPieces {
  readonly no: number;
}

/** What is not made yet: passes as they would be made now, and what stays out with the reason. */
export interface PlanAnswer {
  /** Names this very layout: a pass can be asked for as it was shown. */
  readonly name: string;
  /** A longer search runs behind, and may find a shorter layout. */
  readonly isSearching: boolean;
  readonly passes: readonly PassOnBed[];
  readonly unplaced: readonly {
    readonly pieceId: string;
    readonly attempt: number;
    readonly text: readonly string[];
    readonly whose: string;
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
    /** `entry-use-ordinal-place`: an item may be stopped at one place and not at another. */
    readonly fitKey: string;
    readonly text: readonly string[];
    readonly whose: string;
    readonly findings: readonly Finding[];
  }[];
}
