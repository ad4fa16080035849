import type { Random } from '../random';
import {
  type InnerBed,
  type NicheLayout,
  NichePacker,
  type PackBox,
  type PackOrder,
  type PackTask,
  emptyLayout,
} from './niche-layout';
import { isSearchWorthIt, shorterBed } from './shorter-bed';

/** Orders to start from: wide first leaves strips that narrow ones fill, tall first makes even rows. */
const STARTS: readonly ((a: PackBox, b: PackBox) => number)[] = [
  (a, b) => longSide(b) - longSide(a) || shortSide(b) - shortSide(a),
  (a, b) => b.width * b.height - a.width * a.height,
  (a, b) => b.height - a.height || b.width - a.width,
  (a, b) => b.width - a.width || b.height - a.height,
];

const longSide = ({ width, height }: PackBox) => Math.max(width, height);
const shortSide = ({ width, height }: PackBox) => Math.min(width, height);

export interface Searched {
  readonly layout: NicheLayout;
  /** Layouts that were tried. */
  readonly layouts: number;
}

/**
 * The best layout that so many tries find: a few orders that suit most sets, with all boxes as they lie and with all free to turn,
 * then changes of the best by annealing: what is worse is kept for a while now and then, less and less of it. Then its last bed is
 * laid out anew, by many half-made layouts side by side.
 */
export function searchLayout(task: PackTask, random: Random, budget: number): Searched {
  const search = new Search(task, random);
  search.start(budget);
  if (task.boxes.length - task.numFirst > 1) {
    search.improve(budget);
    search.shortenLastBed(budget - search.layouts);
  }
  return { layout: search.best, layouts: search.layouts };
}

class Search {
  best: NicheLayout;
  layouts = 0;
  readonly #packer: NichePacker;
  readonly #numBoxes: number;
  #next: NicheLayout;
  #cost = Infinity;
  #order: PackOrder = { order: new Int32Array(0), mayTurn: new Uint8Array(0) };

  constructor(
    private readonly task: PackTask,
    private readonly random: Random,
  ) {
    this.#packer = new NichePacker(task);
    this.#numBoxes = task.boxes.length;
    this.best = emptyLayout(this.#numBoxes);
    this.#next = emptyLayout(this.#numBoxes);
  }

  start(most: number): void {
    const { boxes, numFirst, bed } = this.task;
    const indices = boxes.map((_, i) => i);
    // A turned box that fits is taken wherever it does, which may cost more than it saves.
    for (const turns of bed.mayTurn ? [1, 0] : [0]) {
      for (const start of STARTS) {
        if (this.layouts > 0 && this.layouts >= most) return;
        const sorted = (from: number, to: number) =>
          indices.slice(from, to).sort((a, b) => start(boxes[a]!, boxes[b]!) || a - b);
        const order = Int32Array.from([...sorted(0, numFirst), ...sorted(numFirst, boxes.length)]);
        const candidate = { order, mayTurn: new Uint8Array(this.#numBoxes).fill(turns) };
        const cost = this.#layOut(candidate);
        // Gone on from is the shortest, whatever waste it has.
        if (this.#keepIfBest()) this.#goOnFrom(candidate, cost);
      }
    }
  }

  /** Which boxes share a bed is decided here, so several beds get more of the budget than one. */
  improve(budget: number): void {
    const from = this.layouts;
    const share = this.best.numBeds > 1 ? SEVERAL_BEDS_SHARE : ONE_BED_SHARE;
    const most = isSearchWorthIt(budget * (1 - share)) ? Math.max(from, Math.round(budget * share)) : budget;
    const bound = this.task.boxes.reduce((sum, { width, height }) => sum + width * height, 0) / this.task.bed.width;
    while (this.layouts < most) {
      const share = (this.layouts - from) / (most - from);
      const warmth = bound * WARMEST * (COOLEST / WARMEST) ** share;
      this.#tryOrder(this.#changed(this.#order), warmth);
    }
  }

  /** The boxes of the last bed stay on it, and end higher up. */
  shortenLastBed(most: number): void {
    const { best, random } = this;
    const { boxes, bed } = this.task;
    const onBed = boxes.map((_, i) => i).filter((i) => best.bedNo[i] === best.numBeds - 1);
    if (onBed.length < 2 || !isSearchWorthIt(most)) return;
    const toShorten = { boxes: onBed.map((i) => boxes[i]!), bed, height: best.lastHeight, random };
    const { layout, layouts } = shorterBed(toShorten, most);
    this.layouts += layouts;
    if (!layout) return;
    onBed.forEach((box, i) => {
      best.x[box] = layout.x[i]!;
      best.y[box] = layout.y[i]!;
      best.isTurned[box] = layout.isTurned[i]!;
    });
    best.lastHeight = layout.height;
  }

  /** What costs more by the warmth is gone on from in one of three cases, what costs less always. */
  #tryOrder(candidate: PackOrder, warmth: number): void {
    const cost = this.#layOut(candidate);
    if (cost <= this.#cost || this.random() < Math.exp((this.#cost - cost) / warmth)) this.#goOnFrom(candidate, cost);
    this.#keepIfBest();
  }

  #layOut(candidate: PackOrder): number {
    this.#packer.layOut(this.#next, candidate);
    this.layouts++;
    return workedCost(this.#next, this.task.bed);
  }

  #goOnFrom(candidate: PackOrder, cost: number): void {
    this.#order = candidate;
    this.#cost = cost;
  }

  #keepIfBest(): boolean {
    const { bed } = this.task;
    if (this.layouts > 1 && lengthUsed(this.#next, bed) >= lengthUsed(this.best, bed)) return false;
    [this.best, this.#next] = [this.#next, this.best];
    return true;
  }

  /** Two places exchanged, one box moved to another place in the order, or one turned. */
  #changed({ order, mayTurn }: PackOrder): PackOrder {
    const { numFirst, bed } = this.task;
    const anyPlace = () => numFirst + Math.floor(this.random() * (order.length - numFirst));
    const from = anyPlace();
    const to = anyPlace();
    const how = this.random();
    if (bed.mayTurn && how < TURN_SHARE) {
      const turned = mayTurn.slice();
      const box = order[from]!;
      turned[box] = 1 - turned[box]!;
      return { order, mayTurn: turned };
    }
    const result = order.slice();
    if (how < (1 + TURN_SHARE) / 2) {
      result[from] = order[to]!;
      result[to] = order[from]!;
    } else {
      if (from < to) result.copyWithin(from, from + 1, to + 1);
      else result.copyWithin(to + 1, to, from);
      result[to] = order[from]!;
    }
    return { order: result, mayTurn };
  }
}

/** How often a box is let turn, or not any more, instead of moved. */
const TURN_SHARE = 0.15;

/** Of the budget; the rest goes into the last bed. */
const ONE_BED_SHARE = 0.2;
const SEVERAL_BEDS_SHARE = 0.7;

/** Shares of the least length there can be. Measured by `npm run bench packing`; warmer is worse from 100 boxes on. */
const WARMEST = 0.0005;
const COOLEST = 0.0001;

/**
 * What the search goes by: the length, and how deep the pieces lie on average. Most changes leave the length as it is, but one that
 * leaves less waste between the pieces is on its way to a shorter one.
 */
function workedCost(layout: NicheLayout, bed: InnerBed): number {
  return lengthUsed(layout, bed) + layout.lastMean;
}

/** Fewer beds first, then less of the last one. */
export function lengthUsed({ numBeds, lastHeight }: NicheLayout, bed: InnerBed): number {
  return numBeds * bed.height + lastHeight;
}
