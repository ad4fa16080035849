import type { Random } from '../random';
import { BestOffers } from './best-offers';
import { type BoxSizes, sizesOf } from './box-sizes';
import type { InnerBed, PackBox } from './niche-layout';
import { Skyline } from './skyline';

/** Where each box lies, by its index, on one bed. */
export interface BedLayout {
  readonly x: Int32Array;
  readonly y: Int32Array;
  readonly isTurned: Uint8Array;
  /** The lowest edge. */
  readonly height: number;
}

export interface BeamWidth {
  /** How many half-made layouts are kept side by side. */
  readonly numStates: number;
  /** How much an edge that ends level with what is there counts: for each, waste counts by this share less. */
  readonly levelShare: number;
}

/** By how much of itself the cost is shaken, so that two searches are not one. */
const SHAKEN = 0.05;

/** Measured: copied, told apart and kept. */
const WORK_A_STATE = 50;

/** Waste that does not count, of a box of middling size: else the first layouts would be told apart by nothing but chance. */
const FREE_WASTE = 0.02;

/**
 * Lays all boxes out on one bed below a ceiling, many half-made layouts side by side: each is offered every size that still waits
 * for its highest niche, and of all that come of it the best are kept. Best is least waste for what is laid out, and large boxes
 * first. What ends below the ceiling is not made at all: the last rows come out even, which is half of what is gained.
 *
 * Source: beam search with waste as its guide, as it is known for cutting strips. Cost: boxes × states × sizes.
 */
export class BeamSearch {
  /** What the search has cost so far, in places that were looked at; a layout that is gone on from costs as much as many of them. */
  work = 0;
  readonly #sizes: BoxSizes;
  readonly #numBoxes: number;
  readonly #total: number;
  #now: State[] = [];
  #next: State[] = [];
  #best = new BestOffers(1);

  constructor(
    private readonly boxes: readonly PackBox[],
    private readonly bed: InnerBed,
    private readonly random: Random,
  ) {
    this.#numBoxes = boxes.length;
    this.#sizes = sizesOf(boxes, bed.mayTurn);
    this.#total = boxes.reduce((sum, { width, height }) => sum + width * height, 0);
  }

  /** Null when none of the layouts that were kept came to its end, or when they cost more work than may be done. */
  layOutAbove(ceiling: number, { numStates, levelShare }: BeamWidth, mostWork: number): BedLayout | null {
    this.#makeRoom(numStates);
    const steps = new Steps(this.#numBoxes, numStates);
    const limits = { ceiling, spare: ceiling * this.bed.width - this.#total, levelShare };
    const until = this.work + mostWork;
    this.#now[0]!.clear(this.bed.width, this.#sizes.count);
    let numNow = 1;
    for (let step = 0; step < this.#numBoxes; step++) {
      this.#best.clear();
      for (let i = 0; i < numNow; i++) this.#offerTo(this.#now[i]!, i, limits);
      if (this.#best.num === 0 || this.work > until) return null;
      numNow = this.#goOn(steps, step);
    }
    return this.#layoutOf(steps, this.#now.slice(0, numNow));
  }

  #makeRoom(numStates: number): void {
    if (this.#best.capacity !== numStates) this.#best = new BestOffers(numStates);
    for (const states of [this.#now, this.#next])
      while (states.length < numStates) states.push(new State(this.#numBoxes, this.#sizes.width.length));
  }

  /** Where nothing fits the highest niche it is given up; what would waste more than the ceiling leaves is not gone on from. */
  #offerTo(state: State, index: number, limits: Limits): void {
    const { skyline } = state;
    while (state.waste <= limits.spare) {
      const at = skyline.highestNiche();
      if (this.#offerNiche(state, index, at, limits)) return;
      const wall = Math.min(skyline.leftWall(at), skyline.rightWall(at));
      if (wall === Infinity) return;
      state.waste += wall * skyline.widthAt(at);
      skyline.lower(at, wall);
    }
  }

  #offerNiche(state: State, index: number, at: number, { ceiling, spare, levelShare }: Limits): boolean {
    const { skyline, waiting } = state;
    const { width: widths, height: heights, numWays } = this.#sizes;
    const nicheWidth = skyline.widthAt(at);
    const room = ceiling - skyline.y[at]!;
    const [leftWall, rightWall] = [skyline.leftWall(at), skyline.rightWall(at)];
    const lowerWall = Math.min(leftWall, rightWall);
    const leastSide = this.#sizes.leastSide(waiting);
    const freeWaste = (FREE_WASTE * this.#total) / this.#numBoxes;
    let isAny = false;
    if (nicheWidth < leastSide) return false;
    for (let size = 0; size < widths.length; size++) {
      if (waiting[size] === 0) continue;
      for (let way = 0; way < numWays[size]!; way++) {
        const width = way === 0 ? widths[size]! : heights[size]!;
        const tall = way === 0 ? heights[size]! : widths[size]!;
        this.work++;
        if (width > nicheWidth || tall > room) continue;
        const rest = nicheWidth - width;
        const waste = state.waste + (rest < leastSide ? rest * Math.min(tall, lowerWall) : 0);
        if (waste > spare) continue;
        isAny = true;
        const area = state.area + width * tall;
        const numLevel = Number(rest === 0) + Number(tall === leftWall || tall === rightWall);
        const cost = ((waste + freeWaste) / area / Math.sqrt(area)) * (1 - levelShare * numLevel);
        this.#best.add(cost * (1 + SHAKEN * this.random()), index, 2 * size + way);
      }
    }
    return isAny;
  }

  /** The best offers are taken; two that come to the same are one. */
  #goOn(steps: Steps, step: number): number {
    const known = new Set<number>();
    let numNext = 0;
    for (const { state: from, offer } of this.#best.inOrder()) {
      const state = this.#now[from]!;
      const next = this.#next[numNext]!;
      const [size, way] = [offer >> 1, offer & 1];
      const { width: widths, height: heights } = this.#sizes;
      const [width, tall] = way === 0 ? [widths[size]!, heights[size]!] : [heights[size]!, widths[size]!];
      next.copyFrom(state);
      this.work += WORK_A_STATE;
      const { skyline } = next;
      const at = skyline.highestNiche();
      // Beside the higher wall, so that what is left of the niche is as shallow as can be.
      const isAtRight = skyline.rightWall(at) > skyline.leftWall(at);
      const x = isAtRight ? skyline.x[at + 1]! - width : skyline.x[at]!;
      steps.keep(step, numNext, [from, offer, x, skyline.y[at]!]);
      skyline.place(at, width, tall, isAtRight);
      next.waiting[size]!--;
      next.area += width * tall;
      const key = next.key();
      if (known.has(key)) continue;
      known.add(key);
      numNext++;
    }
    [this.#now, this.#next] = [this.#next, this.#now];
    return numNext;
  }

  #layoutOf(steps: Steps, states: readonly State[]): BedLayout {
    const heights = states.map(({ skyline }) => skyline.lowest());
    const height = Math.min(...heights);
    const layout = {
      x: new Int32Array(this.#numBoxes),
      y: new Int32Array(this.#numBoxes),
      isTurned: new Uint8Array(this.#numBoxes),
      height,
    };
    const waiting = this.#sizes.boxes.map((indices) => indices.slice());
    let state = heights.indexOf(height);
    for (let step = this.#numBoxes - 1; step >= 0; step--) {
      const { from, offer, x, y } = steps.at(step, state);
      const [size, way] = [offer >> 1, offer & 1];
      const box = waiting[size]!.pop()!;
      layout.x[box] = x;
      layout.y[box] = y;
      const width = way === 0 ? this.#sizes.width[size] : this.#sizes.height[size];
      layout.isTurned[box] = Number(this.boxes[box]!.width !== width);
      state = from;
    }
    return layout;
  }
}

interface Limits {
  readonly ceiling: number;
  /** How much may be wasted. */
  readonly spare: number;
  readonly levelShare: number;
}

/** A layout half made. */
class State {
  readonly skyline: Skyline;
  /** By size: how many wait. */
  readonly waiting: Uint16Array;
  /** Given up between the boxes. */
  waste = 0;
  /** Of what is laid out. */
  area = 0;

  constructor(numBoxes: number, numSizes: number) {
    this.skyline = new Skyline(numBoxes);
    this.waiting = new Uint16Array(numSizes);
  }

  clear(bedWidth: number, waiting: Uint16Array): void {
    this.skyline.clear(bedWidth);
    this.waiting.set(waiting);
    this.waste = 0;
    this.area = 0;
  }

  copyFrom({ skyline, waiting, waste, area }: State): void {
    this.skyline.copyFrom(skyline);
    this.waiting.set(waiting);
    this.waste = waste;
    this.area = area;
  }

  /** The same for two that can be gone on from in the same ways: 53 bits of what waits and of the skyline. */
  key(): number {
    const { x, y, numStretches } = this.skyline;
    let ofSkyline = 0;
    for (let i = 0; i < numStretches; i++) ofSkyline = mixed(mixed(ofSkyline, x[i]!), y[i]!);
    let ofWaiting = 0;
    for (const count of this.waiting) ofWaiting = mixed(ofWaiting, count);
    return (ofSkyline >>> 11) * 2 ** 32 + (ofWaiting >>> 0);
  }
}

const mixed = (hash: number, value: number) => {
  const turned = Math.imul(hash ^ value, 0x9e3779b1);
  return turned ^ (turned >>> 15);
};

/** How each state came to be, step by step. */
class Steps {
  readonly #values: Int32Array;

  constructor(
    numSteps: number,
    private readonly numStates: number,
  ) {
    this.#values = new Int32Array(4 * numSteps * numStates);
  }

  keep(step: number, state: number, values: readonly [from: number, offer: number, x: number, y: number]): void {
    this.#values.set(values, 4 * (step * this.numStates + state));
  }

  at(step: number, state: number): { from: number; offer: number; x: number; y: number } {
    const at = 4 * (step * this.numStates + state);
    const [from, offer, x, y] = this.#values.subarray(at, at + 4);
    return { from: from!, offer: offer!, x: x!, y: y! };
  }
}
