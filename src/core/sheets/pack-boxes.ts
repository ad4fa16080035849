import { seededRandom } from '../random';
import type { Um10 } from '../units';
import type { PackBox } from './niche-layout';
import { lengthUsed, searchLayout } from './search-layout';

export type { PackBox } from './niche-layout';

export interface PackOptions {
  readonly bedWidth: Um10;
  readonly bedHeight: Um10;
  /** Clear between two boxes. */
  readonly spacing: Um10;
  /** Clear between a box and the bed's edge. */
  readonly edge: Um10;
  /** Boxes may be turned by a quarter. */
  readonly mayTurn: boolean;
  readonly seed: number;
  /** Layouts that may be tried. The clock has no say, so that the same request gives the same beds. */
  readonly layouts: number;
}

export interface PackedBox {
  /** Index into the boxes that were given. */
  readonly index: number;
  /** Top left corner as it lies. */
  readonly x: Um10;
  readonly y: Um10;
  readonly isTurned: boolean;
}

/** Every box either lies on a bed or is too large for any. */
export interface Packing {
  readonly beds: readonly (readonly PackedBox[])[];
  readonly tooLarge: readonly number[];
  /** How much of the material it takes: beds that are full, and as far as the last one is needed. */
  readonly length: Um10;
  /** Layouts that were tried. */
  readonly layouts: number;
}

/**
 * Packs boxes on as few beds as it finds, and on as little of the last one. The first `numFirst` boxes are wanted soonest:
 * they come to lie before all others.
 *
 * Gaps are exact: boxes grown by the spacing on their right and lower side are packed into a bed grown by it.
 */
export function packBoxes(boxes: readonly PackBox[], numFirst: number, options: PackOptions): Packing {
  const { spacing, edge, mayTurn } = options;
  const bed = {
    width: options.bedWidth - 2 * edge + spacing,
    height: options.bedHeight - 2 * edge + spacing,
    mayTurn,
  };
  const grown = boxes.map(({ width, height }) => ({ width: width + spacing, height: height + spacing }));
  const { layout, layouts } = searchLayout(
    { boxes: grown, numFirst, bed },
    seededRandom(options.seed),
    options.layouts,
  );
  const beds: PackedBox[][] = Array.from({ length: layout.numBeds }, () => []);
  const tooLarge: number[] = [];
  boxes.forEach((_, index) => {
    const bedNo = layout.bedNo[index]!;
    if (bedNo < 0) {
      tooLarge.push(index);
      return;
    }
    const isTurned = layout.isTurned[index] === 1;
    beds[bedNo]!.push({ index, x: layout.x[index]! + edge, y: layout.y[index]! + edge, isTurned });
  });
  return {
    beds: beds.map((onBed) => onBed.sort((a, b) => a.y - b.y || a.x - b.x)),
    tooLarge,
    length: lengthUsed(layout, bed),
    layouts,
  };
}
