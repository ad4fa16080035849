import type { Um10 } from '../units';

/** A rectangle to be packed, without its surrounding gap. */
export interface PackBox {
  readonly width: Um10;
  readonly height: Um10;
}

export interface PackOptions {
  readonly bedWidth: Um10;
  readonly bedHeight: Um10;
  /** Clear between two boxes. */
  readonly spacing: Um10;
  /** Clear between a box and the bed's edge. */
  readonly edge: Um10;
}

export interface PackedBox {
  /** Index into the boxes that were given. */
  readonly index: number;
  readonly x: Um10;
  readonly y: Um10;
}

/** Every box is either placed or left over; the order of `placed` is the order of packing. */
export interface Packing {
  readonly placed: readonly PackedBox[];
  readonly leftOver: readonly number[];
}

/** A stretch of the skyline: nothing lies below `y` between `x` and `x + width`. */
interface Segment {
  x: number;
  y: number;
  width: number;
}

/**
 * Packs boxes in the given order, each as near to the top edge as the skyline allows, then as far left. What does not
 * fit is left over, and smaller boxes after it still get their chance.
 *
 * Gaps are exact: boxes grown by the spacing on their right and lower side are packed into a bed grown by it.
 *
 *     edge ┌──────┐ spacing ┌───┐
 *          │  A   │         │ B │     skyline: the staircase under A and B
 *          └──────┘         │   │
 *          ▔▔▔▔▔▔▔▔▔▔▔▔▔▔▔▔▔└───┘
 */
export function packSkyline(boxes: readonly PackBox[], options: PackOptions): Packing {
  const { spacing, edge } = options;
  const innerWidth = options.bedWidth - 2 * edge + spacing;
  const innerHeight = options.bedHeight - 2 * edge + spacing;
  const skyline: Segment[] = [{ x: 0, y: 0, width: innerWidth }];
  const placed: PackedBox[] = [];
  const leftOver: number[] = [];
  boxes.forEach((box, index) => {
    const width = box.width + spacing;
    const height = box.height + spacing;
    const spot = bestSpot(skyline, width, innerWidth);
    if (!spot || spot.y + height > innerHeight) {
      leftOver.push(index);
      return;
    }
    raiseInPlace(skyline, spot, width, height);
    placed.push({ index, x: spot.x + edge, y: spot.y + edge });
  });
  return { placed, leftOver };
}

/** The highest spot that is wide enough; the leftmost of several. Null when the box is wider than the bed. */
function bestSpot(skyline: readonly Segment[], width: number, innerWidth: number): { x: number; y: number } | null {
  let best: { x: number; y: number } | null = null;
  for (let i = 0; i < skyline.length; i++) {
    const { x } = skyline[i]!;
    if (x + width > innerWidth) break;
    const y = wallBelow(skyline, i, width);
    if (!best || y < best.y) best = { x, y };
  }
  return best;
}

/** How deep the skyline reaches under a box that starts with segment `from`. */
function wallBelow(skyline: readonly Segment[], from: number, width: number): number {
  let y = 0;
  let left = width;
  for (let i = from; left > 0 && i < skyline.length; i++) {
    const segment = skyline[i]!;
    y = Math.max(y, segment.y);
    left -= segment.width;
  }
  return y;
}

/** Puts a box on the skyline and cuts away what it now covers. */
function raiseInPlace(skyline: Segment[], spot: { x: number; y: number }, width: number, height: number): void {
  const end = spot.x + width;
  const first = skyline.findIndex(({ x }) => x === spot.x);
  let last = first;
  while (last < skyline.length && skyline[last]!.x < end) last++;
  const covered = skyline.slice(first, last);
  const tail = covered[covered.length - 1]!;
  const restWidth = tail.x + tail.width - end;
  const raised: Segment[] = [{ x: spot.x, y: spot.y + height, width }];
  if (restWidth > 0) raised.push({ x: end, y: tail.y, width: restWidth });
  skyline.splice(first, covered.length, ...raised);
}
