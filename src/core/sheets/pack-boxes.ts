import { type Random, seededRandom } from '../random';
import type { Um10 } from '../units';
import {
  type InnerBed,
  type NicheLayout,
  type PackBox,
  type PackTask,
  emptyLayout,
  layOutNiches,
} from './niche-layout';

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
  /** Layouts that were tried. */
  readonly layouts: number;
}

/**
 * Packs boxes on as few beds as it finds, and on as little of the last one. The first `numFirst` boxes are wanted soonest:
 * they come to lie before all others.
 *
 * Gaps are exact: boxes grown by the spacing on their right and lower side are packed into a bed grown by it. Orders are
 * searched: a few that suit most sets, then changes of the best, kept when they are no worse.
 */
export function packBoxes(boxes: readonly PackBox[], numFirst: number, options: PackOptions): Packing {
  const { spacing, edge, mayTurn } = options;
  const bed: InnerBed = {
    width: options.bedWidth - 2 * edge + spacing,
    height: options.bedHeight - 2 * edge + spacing,
    mayTurn,
  };
  const grown = boxes.map(({ width, height }) => ({ width: width + spacing, height: height + spacing }));
  const { layout, layouts } = searchOrders(
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
  return { beds: beds.map((onBed) => onBed.sort((a, b) => a.y - b.y || a.x - b.x)), tooLarge, layouts };
}

/** Orders to start from: wide first leaves strips that narrow ones fill, tall first makes even rows. */
const STARTS: readonly ((a: PackBox, b: PackBox) => number)[] = [
  (a, b) => longSide(b) - longSide(a) || shortSide(b) - shortSide(a),
  (a, b) => b.width * b.height - a.width * a.height,
  (a, b) => b.height - a.height || b.width - a.width,
  (a, b) => b.width - a.width || b.height - a.height,
];

const longSide = ({ width, height }: PackBox) => Math.max(width, height);
const shortSide = ({ width, height }: PackBox) => Math.min(width, height);

function searchOrders(task: PackTask, random: Random, budget: number): { layout: NicheLayout; layouts: number } {
  const { boxes, numFirst, bed } = task;
  let best = emptyLayout(boxes.length);
  let next = emptyLayout(boxes.length);
  let order = new Int32Array(0);
  let layouts = 0;
  const tryOrder = (candidate: Int32Array<ArrayBuffer>): void => {
    layOutNiches(next, task, candidate);
    layouts++;
    if (layouts > 1 && costOf(next, bed) > costOf(best, bed)) return;
    [best, next] = [next, best];
    order = candidate;
  };
  const indices = boxes.map((_, i) => i);
  for (const start of STARTS.slice(0, Math.max(1, budget))) {
    const sorted = (from: number, to: number) =>
      indices.slice(from, to).sort((a, b) => start(boxes[a]!, boxes[b]!) || a - b);
    tryOrder(Int32Array.from([...sorted(0, numFirst), ...sorted(numFirst, boxes.length)]));
  }
  while (layouts < budget && boxes.length - numFirst > 1) tryOrder(changed(order, numFirst, random));
  return { layout: best, layouts };
}

/** Fewer beds first, then less of the last one. */
function costOf({ numBeds, lastHeight }: NicheLayout, bed: InnerBed): number {
  return numBeds * bed.height + lastHeight;
}

/** Two places exchanged, or one box moved to another place in the order. */
function changed(order: Int32Array<ArrayBuffer>, numFirst: number, random: Random): Int32Array<ArrayBuffer> {
  const anyPlace = () => numFirst + Math.floor(random() * (order.length - numFirst));
  const from = anyPlace();
  const to = anyPlace();
  const result = order.slice();
  if (random() < 0.5) {
    result[from] = order[to]!;
    result[to] = order[from]!;
    return result;
  }
  if (from < to) result.copyWithin(from, from + 1, to + 1);
  else result.copyWithin(to + 1, to, from);
  result[to] = order[from]!;
  return result;
}
