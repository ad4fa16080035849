import type { FitNumbers, LayerNumbers, Measured } from '@/core/figures';
import type { PlaceAt } from '@/core/edit';
import type { Finding } from '@/core/finding';
import type { SetSize } from '@/core/fit';
import type { Spot } from '@/core/place';
import type { RemedyOffer } from '@/core/remedies';
import type { EdgeTool } from '@/core/shop';
import type { OverrideSet, RunSpec } from '@/core/spec';

/** One layer of a fit, with the number under which its shape was sent. */
export interface ScreenLayer extends LayerNumbers {
  readonly shapeNo: number;
  /** It is drawn or marked along its edges; null: it is cut. */
  readonly edge: EdgeTool | null;
  /** Number of the shape of what is scored and pierced in it; null without any. */
  readonly linesNo: number | null;
  /** It is as large as its place: its shape is sent from its own corner, and lies at its own spot. */
  readonly isWhole: boolean;
}

/** One fit as the screen needs it. */
export interface ScreenFit extends Omit<FitNumbers, 'layers'> {
  /** Bottom up. */
  readonly layers: readonly ScreenLayer[];
}

/** What measuring adds to one fit of the newest result. */
export interface FoundByMeasuring extends Measured {
  /** Index in the result's `fits`. */
  readonly index: number;
}

/** Shapes of layers as SVG path data in one buffer: numbers are whole path units, the corner of the whole ink at the origin. */
export interface DrawnShapes {
  readonly shapeNos: readonly number[];
  /** Path data of all shapes, one after the other, a byte a character. */
  readonly text: Uint8Array;
  /** End of each shape, as an index into `text`; same order as `shapeNos`. */
  readonly shapeEnds: Uint32Array;
}

export interface FitResult {
  readonly fits: readonly ScreenFit[];
  readonly setSizes: Readonly<Record<string, SetSize>>;
  /** Only shapes that were not sent before. */
  readonly drawn: DrawnShapes;
}

/** What a drawing of a fit needs, wherever it comes from. */
export interface DrawnFit {
  readonly emMm: number;
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly spot: Spot | null;
  readonly layers: readonly Pick<
    ScreenLayer,
    'layerId' | 'materialId' | 'shapeNo' | 'edge' | 'linesNo' | 'isWhole' | 'part' | 'spot'
  >[];
}

/** One text in another lettering, drawn for comparing: as large as its place allows. */
export interface ComparedFit extends DrawnFit {
  readonly hasStop: boolean;
}

/** The set of one place in another lettering. */
export interface Comparison {
  readonly fits: readonly (ComparedFit | null)[];
  readonly setSize: SetSize | null;
  readonly numStops: number;
  readonly drawn: DrawnShapes;
}

/** The remedy of one fit that others are to have as well. */
export interface WantedRemedy {
  readonly offer: Pick<RemedyOffer, 'kind' | 'sets'>;
  /** The finding that it answers. */
  readonly answering: Finding['kind'] | null;
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
  measure(requestNo: number, onMeasured: (measured: readonly FoundByMeasuring[]) => void): Promise<boolean>;
  /** Remedies for one fit of that request, by its index in the result; null when it was overtaken. */
  remedies(requestNo: number, index: number, answering: Finding['kind'] | null): Promise<readonly RemedyOffer[] | null>;
  /** The same remedy for many; those that gain nothing by it are left out. */
  remedyForAll(
    requestNo: number,
    indexes: readonly number[],
    wanted: WantedRemedy,
  ): Promise<readonly TakenRemedy[] | null>;
  /** The fits of one place as another lettering would have them; null when it was overtaken. */
  compare(requestNo: number, at: PlaceAt, letteringId: string): Promise<Comparison | null>;
}
