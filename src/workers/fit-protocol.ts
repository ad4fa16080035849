import type { Finding } from '@/core/finding';
import type { FitNumbers, Measures, SetHeight } from '@/core/fit';
import type { RunSpec } from '@/core/run';

/** One fit as the screen needs it: sizes, and the number under which its outline was sent. */
export interface ScreenFit extends FitNumbers {
  readonly textNo: number;
  /** Null until it was measured; its findings come with it. */
  readonly measures: Measures | null;
}

/** What measuring adds to one fit of the newest result. */
export interface MeasuredFit {
  /** Place in the result's `fits`. */
  readonly index: number;
  readonly measures: Measures;
  readonly findings: readonly Finding[];
}

/** Outlines of texts in one buffer: integers, millionths of an em, the ink's top left corner at the origin. */
export interface DrawnTexts {
  readonly textNos: readonly number[];
  /** `x0, y0, x1, y1, …` of all rings of all texts. */
  readonly points: Int32Array;
  /** End of each ring, as an index into `points`. */
  readonly ringEnds: Uint32Array;
  /** End of each text, as an index into `ringEnds`; same order as `textNos`. */
  readonly textEnds: Uint32Array;
}

export interface FitResult {
  readonly fits: readonly ScreenFit[];
  readonly setHeights: Readonly<Record<string, SetHeight>>;
  /** Only texts that were not sent before. */
  readonly drawn: DrawnTexts;
}

/** What the worker offers. A newer request supersedes an older one, which then answers null. */
export interface FitWorkerApi {
  fit(requestNo: number, spec: RunSpec): Promise<FitResult | null>;
  /**
   * Measures the fits of that request, some at a time, and hands them over as they come. Ends early, answering false, when a
   * newer request overtakes it.
   */
  measure(requestNo: number, onMeasured: (measured: readonly MeasuredFit[]) => void): Promise<boolean>;
}
