import type { Finding } from '@/core/finding';
import type { FitNumbers, Measures, RemedyOffer, SetSize } from '@/core/fit';
import type { OverrideSet, RemedyKind, RunSpec } from '@/core/spec';
import type { PlaceAt } from '@/core/edit';

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
  /** Found by measuring and open; and those that were let stand. */
  readonly findings: readonly Finding[];
  readonly looked: readonly Finding[];
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
  readonly setSizes: Readonly<Record<string, SetSize>>;
  /** Only texts that were not sent before. */
  readonly drawn: DrawnTexts;
}

/** One text in another lettering, drawn for comparing: as large as its place allows. */
export interface ComparedFit {
  readonly textNo: number;
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly xMm: number;
  readonly yMm: number;
  readonly turnDeg: FitNumbers['turnDeg'];
  readonly hasStop: boolean;
}

/** The set of one place in another lettering. */
export interface Comparison {
  readonly fits: readonly (ComparedFit | null)[];
  readonly setSize: SetSize | null;
  readonly numStops: number;
  readonly drawn: DrawnTexts;
}

/** A remedy for one fit of the newest result, taken for many at once. */
export interface TakenRemedy {
  readonly index: number;
  readonly sets: readonly OverrideSet[];
}

/** What the worker offers. A newer request supersedes an older one, which then answers null. */
export interface FitWorkerApi {
  fit(requestNo: number, spec: RunSpec): Promise<FitResult | null>;
  /**
   * Measures the fits of that request, some at a time, and hands them over as they come. Ends early, answering false, when a
   * newer request overtakes it.
   */
  measure(requestNo: number, onMeasured: (measured: readonly MeasuredFit[]) => void): Promise<boolean>;
  /** Remedies for one fit of that request, by its place in the result; null when it was overtaken. */
  remedies(requestNo: number, index: number): Promise<readonly RemedyOffer[] | null>;
  /** The same remedy for many; those that gain nothing by it are left out. */
  remedyForAll(requestNo: number, indexes: readonly number[], kind: RemedyKind): Promise<readonly TakenRemedy[] | null>;
  /** The fits of one place as another lettering would have them; null when it was overtaken. */
  compare(requestNo: number, at: PlaceAt, letteringId: string): Promise<Comparison | null>;
}
