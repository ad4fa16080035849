import type { Um10 } from '../units';
import { Skyline } from './skyline';

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
  /** How far down the last bed is taken up, on average over its width: what lies above is pieces, or waste that nothing can fill. */
  lastMean: number;
}

export function emptyLayout(numBoxes: number): NicheLayout {
  return {
    x: new Int32Array(numBoxes),
    y: new Int32Array(numBoxes),
    isTurned: new Uint8Array(numBoxes),
    bedNo: new Int32Array(numBoxes).fill(-1),
    numBeds: 0,
    lastHeight: 0,
    lastMean: 0,
  };
}

/** How many of the waiting boxes a niche is offered; more cost time and change little. */
const OFFERED = 300;

/** What is laid out, whatever the order; the first `numFirst` of an order go before all others. */
export interface PackTask {
  readonly boxes: readonly PackBox[];
  readonly bed: InnerBed;
  readonly numFirst: number;
}

/** A layout is decided by the order in which boxes are offered, and by which of them may be turned. */
export interface PackOrder {
  readonly order: Int32Array<ArrayBuffer>;
  /** By box: 1 where it may lie turned. */
  readonly mayTurn: Uint8Array<ArrayBuffer>;
}

/**
 * Lays boxes out bed after bed: the highest niche of the skyline gets the first waiting box that fits it, unless a later one fills
 * its width or its wall exactly. A niche that nothing fits is filled up to its lower wall.
 *
 *     ▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁▁ top edge
 *     │ A    │niche│ B   │   the niche under the edge is the one nearest to it;
 *     │      └─────┤     │   a box as wide as it leaves no waste beside
 *     └──────┘     └─────┘
 *
 * Made once for a task, since it is asked thousands of times: nothing is allocated for a layout. Cost: boxes × offered.
 */
export class NichePacker {
  readonly #width: Int32Array;
  readonly #height: Int32Array;
  /** The next waiting box, by box; the last entry is the head. */
  readonly #next: Int32Array;
  readonly #isFirst: Uint8Array;
  /** Whether an empty bed holds a box; and whether only turned. */
  readonly #fits: Uint8Array;
  readonly #mustTurn: Uint8Array;
  readonly #skyline: Skyline;

  constructor(private readonly task: PackTask) {
    const { boxes, bed } = task;
    const lies = ({ width, height }: PackBox) => width <= bed.width && height <= bed.height;
    const liesTurned = ({ width, height }: PackBox) => bed.mayTurn && height <= bed.width && width <= bed.height;
    this.#fits = Uint8Array.from(boxes, (box) => Number(lies(box) || liesTurned(box)));
    this.#mustTurn = Uint8Array.from(boxes, (box) => Number(!lies(box)));
    this.#width = Int32Array.from(boxes, ({ width }) => width);
    this.#height = Int32Array.from(boxes, ({ height }) => height);
    this.#next = new Int32Array(boxes.length + 1);
    this.#isFirst = new Uint8Array(boxes.length);
    this.#skyline = new Skyline(boxes.length);
  }

  /** Writes into `into`; every box that fits an empty bed is placed. */
  layOut(into: NicheLayout, { order, mayTurn }: PackOrder): void {
    const { numFirst } = this.task;
    const head = this.#next.length - 1;
    let last = head;
    into.bedNo.fill(-1);
    for (let at = 0; at < order.length; at++) {
      const box = order[at]!;
      if (this.#fits[box] === 0) continue;
      this.#isFirst[box] = at < numFirst ? 1 : 0;
      this.#next[last] = box;
      last = box;
    }
    this.#next[last] = -1;
    into.numBeds = 0;
    into.lastHeight = 0;
    into.lastMean = 0;
    while (this.#next[head]! >= 0) {
      into.lastHeight = this.#fillBed(into, mayTurn);
      into.lastMean = this.#skyline.area() / this.task.bed.width;
      into.numBeds++;
    }
  }

  #fillBed(into: NicheLayout, mayTurn: Uint8Array): number {
    const { bed } = this.task;
    const head = this.#next.length - 1;
    const skyline = this.#skyline;
    skyline.clear(bed.width);
    let height = 0;
    while (this.#next[head]! >= 0) {
      const at = skyline.highestNiche();
      const top = skyline.y[at]!;
      if (top >= bed.height) break;
      const leftWall = skyline.leftWall(at);
      const rightWall = skyline.rightWall(at);
      this.#leftWall = leftWall;
      this.#rightWall = rightWall;
      const before = this.#bestFor(mayTurn, skyline.widthAt(at), bed.height - top);
      if (before < 0) {
        skyline.lower(at, Math.min(leftWall, rightWall, bed.height - top));
        continue;
      }
      const box = this.#next[before]!;
      this.#next[before] = this.#next[box]!;
      const isTurned = this.#isOfferTurned;
      const [width, tall] = isTurned
        ? [this.#height[box]!, this.#width[box]!]
        : [this.#width[box]!, this.#height[box]!];
      const isAtRight = tall === rightWall && tall !== leftWall;
      into.x[box] = isAtRight ? skyline.x[at + 1]! - width : skyline.x[at]!;
      into.y[box] = top;
      into.isTurned[box] = isTurned ? 1 : 0;
      into.bedNo[box] = into.numBeds;
      if (top + tall > height) height = top + tall;
      skyline.place(at, width, tall, isAtRight);
    }
    return height;
  }

  /** How far the walls of the present niche stand below it; the offer that was found for it. */
  #leftWall = Infinity;
  #rightWall = Infinity;
  #isOfferTurned = false;

  /**
   * The waiting box before the best one for a niche; -1 when none fits. The first that fits wins, but one that fills the width
   * exactly is better, and one that ends level with a wall too. Those that are wanted first are asked first.
   */
  #bestFor(mayTurn: Uint8Array, nicheWidth: number, room: number): number {
    const [leftWall, rightWall] = [this.#leftWall, this.#rightWall];
    const next = this.#next;
    let bestScore = -1;
    let best = -1;
    let offered = 0;
    let before = next.length - 1;
    for (let box = next[before]!; box >= 0 && bestScore < 3; before = box, box = next[box]!) {
      const isFirst = this.#isFirst[box] === 1;
      if (!isFirst && (offered >= OFFERED || (best >= 0 && this.#isFirst[next[best]!] === 1))) break;
      offered++;
      const width = this.#width[box]!;
      const height = this.#height[box]!;
      if (width <= nicheWidth && height <= room) {
        const score = (width === nicheWidth ? 2 : 0) + (height === leftWall || height === rightWall ? 1 : 0);
        if (score > bestScore) {
          bestScore = score;
          best = before;
          this.#isOfferTurned = false;
        }
      }
      if ((mayTurn[box] === 1 || this.#mustTurn[box] === 1) && height <= nicheWidth && width <= room) {
        const score = (height === nicheWidth ? 2 : 0) + (width === leftWall || width === rightWall ? 1 : 0);
        if (score > bestScore) {
          bestScore = score;
          best = before;
          this.#isOfferTurned = true;
        }
      }
    }
    return best;
  }
}
