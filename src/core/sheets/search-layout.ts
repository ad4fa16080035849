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
 * then changes of the best, kept when they are no worse.
 */
export function searchLayout(task: PackTask, random: Random, budget: number): Searched {
  const search = new Search(task, random);
  search.start(budget);
  if (task.boxes.length - task.numFirst > 1) search.improve(budget);
  return { layout: search.best, layouts: search.layouts };
}

class Search {
  best: NicheLayout;
  layouts = 0;
  readonly #packer: NichePacker;
  readonly #numBoxes: number;
  #next: NicheLayout;
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
        this.#tryOrder({ order, mayTurn: new Uint8Array(this.#numBoxes).fill(turns) });
      }
    }
  }

  improve(most: number): void {
    while (this.layouts < most) this.#tryOrder(this.#changed(this.#order));
  }

  #tryOrder(candidate: PackOrder): void {
    this.#packer.layOut(this.#next, candidate);
    this.layouts++;
    if (this.layouts > 1 && costOf(this.#next, this.task.bed) > costOf(this.best, this.task.bed)) return;
    [this.best, this.#next] = [this.#next, this.best];
    this.#order = candidate;
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

/** Fewer beds first, then less of the last one. */
function costOf({ numBeds, lastHeight }: NicheLayout, bed: InnerBed): number {
  return numBeds * bed.height + lastHeight;
}
