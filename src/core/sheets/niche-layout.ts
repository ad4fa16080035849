import type { Um10 } from '../units';

/** A rectangle to be packed. */
export interface PackBox {
  readonly width: Um10;
  readonly height: Um10;
}

/** Sizes that boxes are packed into, gaps already added to boxes and bed alike. */
export interface InnerBed {
  readonly width: Um10;
  readonly height: Um10;
  readonly mayTurn: boolean;
}

/** Where each box came to lie, by its index; `bedNo` is -1 for one that no bed holds. */
export interface NicheLayout {
  readonly x: Int32Array;
  readonly y: Int32Array;
  readonly isTurned: Uint8Array;
  readonly bedNo: Int32Array;
  numBeds: number;
  /** Lowest edge on the last bed. */
  lastHeight: number;
}

export function emptyLayout(numBoxes: number): NicheLayout {
  return {
    x: new Int32Array(numBoxes),
    y: new Int32Array(numBoxes),
    isTurned: new Uint8Array(numBoxes),
    bedNo: new Int32Array(numBoxes).fill(-1),
    numBeds: 0,
    lastHeight: 0,
  };
}

/** How many of the waiting boxes a niche is offered; more cost time and change little. */
const OFFERED = 300;

/** What is laid out, whatever the order; the first `numFirst` go before all others. */
export interface PackTask {
  readonly boxes: readonly PackBox[];
  readonly bed: InnerBed;
  readonly numFirst: number;
}

/** A stretch between two walls, with how far they stand below it. */
interface Niche extends Pick<Stretch, 'width' | 'y'> {
  readonly leftWall: number;
  readonly rightWall: number;
}

/** A stretch of the skyline: nothing lies below `y` between `x` and `x + width`. */
interface Stretch {
  x: number;
  y: number;
  width: number;
}

/**
 * Lays boxes out bed after bed: the highest niche of the skyline gets the first waiting box that fits it, unless a later one
 * fills its width or its wall exactly. A niche that nothing fits is filled up to its lower wall. The first `numFirst`
 * boxes of the order go before all others.
 *
 *     ▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁ top edge
 *     │ A    │niche│ B   │   the niche under the edge is the one nearest to it;
 *     │      └─────┤     │   a box as wide as it leaves no waste beside
 *     └──────┘     └─────┘
 *
 * Writes into `into` and answers nothing; every box that fits an empty bed is placed. Cost: boxes × offered.
 */
export function layOutNiches(into: NicheLayout, { boxes, bed, numFirst }: PackTask, order: Int32Array): void {
  into.bedNo.fill(-1);
  into.numBeds = 0;
  into.lastHeight = 0;
  const fitting = (from: number, to: number) => [...order.subarray(from, to)].filter((i) => fitsBed(boxes[i]!, bed));
  const wantedFirst = fitting(0, numFirst);
  let waiting = [...wantedFirst, ...fitting(numFirst, order.length)];
  let first = wantedFirst.length;
  while (waiting.length > 0) {
    const { rest, numFirst: firstLeft, height } = fillBed(into, { boxes, bed, numFirst: first }, waiting);
    into.numBeds++;
    into.lastHeight = height;
    waiting = rest;
    first = firstLeft;
  }
}

function fitsBed({ width, height }: PackBox, bed: InnerBed): boolean {
  const fits = (w: number, h: number) => w <= bed.width && h <= bed.height;
  return fits(width, height) || (bed.mayTurn && fits(height, width));
}

function fillBed(
  into: NicheLayout,
  { boxes, bed, numFirst: wantedFirst }: PackTask,
  waiting: number[],
): { rest: number[]; numFirst: number; height: number } {
  let numFirst = wantedFirst;
  const skyline: Stretch[] = [{ x: 0, y: 0, width: bed.width }];
  let height = 0;
  for (;;) {
    const at = highest(skyline);
    const niche = skyline[at]!;
    if (niche.y >= bed.height || waiting.length === 0) return { rest: waiting, numFirst, height };
    const leftWall = (skyline[at - 1]?.y ?? Infinity) - niche.y;
    const rightWall = (skyline[at + 1]?.y ?? Infinity) - niche.y;
    const offer = bestFor({ boxes, bed, numFirst }, waiting, { width: niche.width, y: niche.y, leftWall, rightWall });
    if (!offer) {
      fillUpInPlace(skyline, at, Math.min(leftWall, rightWall, bed.height - niche.y));
      continue;
    }
    const box = waiting[offer.no]!;
    waiting.splice(offer.no, 1);
    if (offer.no < numFirst) numFirst--;
    const { width, height: tall } = turned(boxes[box]!, offer.isTurned);
    const isAtRight = tall === rightWall && tall !== leftWall;
    into.x[box] = isAtRight ? niche.x + niche.width - width : niche.x;
    into.y[box] = niche.y;
    into.isTurned[box] = offer.isTurned ? 1 : 0;
    into.bedNo[box] = into.numBeds;
    height = Math.max(height, niche.y + tall);
    placeInPlace(skyline, at, { width, height: tall }, isAtRight);
  }
}

function turned({ width, height }: PackBox, isTurned: boolean): PackBox {
  return isTurned ? { width: height, height: width } : { width, height };
}

/** The stretch nearest to the top edge; the leftmost of several. */
function highest(skyline: readonly Stretch[]): number {
  let best = 0;
  for (let i = 1; i < skyline.length; i++) if (skyline[i]!.y < skyline[best]!.y) best = i;
  return best;
}

/** First that fits wins, but one that fills the width exactly is better, and one that ends level with a wall too. */
function bestFor(
  { boxes, bed, numFirst }: PackTask,
  waiting: readonly number[],
  { width: nicheWidth, y, leftWall, rightWall }: Niche,
): { no: number; isTurned: boolean } | null {
  const room = bed.height - y;
  let bestScore = -1;
  let best: { no: number; isTurned: boolean } | null = null;
  const consider = (no: number, width: number, height: number, isTurned: boolean) => {
    if (width > nicheWidth || height > room) return;
    const score = (width === nicheWidth ? 2 : 0) + (height === leftWall || height === rightWall ? 1 : 0);
    if (score <= bestScore) return;
    bestScore = score;
    best = { no, isTurned };
  };
  const end = Math.min(waiting.length, Math.max(OFFERED, numFirst));
  for (let no = 0; no < end && bestScore < 3; no++) {
    if (no === numFirst && best) break;
    const { width, height } = boxes[waiting[no]!]!;
    consider(no, width, height, false);
    if (bed.mayTurn) consider(no, height, width, true);
  }
  return best;
}

/** Raises a niche by `by` and joins it with walls of the same height. */
function fillUpInPlace(skyline: Stretch[], at: number, by: number): void {
  skyline[at]!.y += by;
  joinInPlace(skyline, at);
}

function placeInPlace(skyline: Stretch[], at: number, { width, height }: PackBox, isAtRight: boolean): void {
  const niche = skyline[at]!;
  const restWidth = niche.width - width;
  const box: Stretch = { x: isAtRight ? niche.x + restWidth : niche.x, y: niche.y + height, width };
  if (restWidth === 0) {
    skyline[at] = box;
    joinInPlace(skyline, at);
    return;
  }
  const rest: Stretch = { x: isAtRight ? niche.x : niche.x + width, y: niche.y, width: restWidth };
  skyline.splice(at, 1, ...(isAtRight ? [rest, box] : [box, rest]));
  joinInPlace(skyline, isAtRight ? at + 1 : at);
}

function joinInPlace(skyline: Stretch[], at: number): void {
  const after = skyline[at + 1];
  if (after && after.y === skyline[at]!.y) {
    skyline[at]!.width += after.width;
    skyline.splice(at + 1, 1);
  }
  const before = skyline[at - 1];
  if (before && before.y === skyline[at]!.y) {
    before.width += skyline[at]!.width;
    skyline.splice(at, 1);
  }
}
