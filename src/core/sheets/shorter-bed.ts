import { presentOrThrow } from '../outcome';
import type { Random } from '../random';
import type { Um10 } from '../units';
import { type BedLayout, BeamSearch } from './beam-search';
import type { InnerBed, PackBox } from './niche-layout';

/** How much level edges count, in turn: which is best differs from set to set. */
const LEVEL_SHARES = [0.3, 0.2, 0.15, 0.1];

/** A layout of so many boxes by their order costs as much as this share of their number squared, in places looked at. */
const WORK_A_LAYOUT = 0.6;

/** One search costs about as much as so many layouts for each state that it keeps. */
const LAYOUTS_A_STATE = 3.3;

/** Rather many searches than wide ones: measured by `npm run bench packing` from 8 to 30, which differ by a thousandth. */
const SEARCHES = 15;
const FEWEST_STATES = 10;
const MOST_STATES = 150;

/** After so many searches in vain the next ones keep twice as many states. */
const IN_VAIN = 8;
const WIDEST_STATES = 1000;

/** The first ceiling lies no further above the least there can be than this share of it. */
const FIRST_CEILING = 0.05;

/** After a find the ceiling comes so much nearer to the least. */
const NEARER = 0.9;

export interface ShorterBed {
  /** Null when none was found. */
  readonly layout: BedLayout | null;
  /** What it cost, in layouts by order. */
  readonly layouts: number;
}

/** Whether so many layouts by order are enough to search at all. */
export const isSearchWorthIt = (layouts: number) => statesFor(layouts) >= FEWEST_STATES;

/**
 * A layout of all boxes on one bed that ends above `height`, as far above as it finds at the cost of so many layouts by order. The
 * ceiling is lowered with each find and raised by half of what is left when none is found.
 */
export function shorterBed({ boxes, bed, height, random }: BedToShorten, layouts: number): ShorterBed {
  const least = leastHeight(boxes, bed);
  const beam = new BeamSearch(boxes, bed, random);
  const workALayout = WORK_A_LAYOUT * boxes.length ** 2;
  const mostWork = layouts * workALayout;
  let layout: BedLayout | null = null;
  let lowest = height;
  let ceiling = least + Math.min(FIRST_CEILING * least, (lowest - least) / 2);
  let inVain = 0;
  for (let search = 0; beam.work < mostWork && lowest > least; search++) {
    const width = {
      numStates: Math.min(WIDEST_STATES, statesFor(layouts) * 2 ** Math.floor(inVain / IN_VAIN)),
      levelShare: presentOrThrow(LEVEL_SHARES[search % LEVEL_SHARES.length], 'share'),
    };
    const shorter = beam.layOutAbove(ceiling, width, mostWork - beam.work);
    if (shorter) {
      layout = shorter;
      lowest = shorter.height;
      ceiling = least + (lowest - least) * NEARER;
      inVain = 0;
    } else {
      ceiling = Math.min(lowest - 1, ceiling + (lowest - ceiling) / 2);
      inVain++;
    }
  }
  return { layout, layouts: Math.min(layouts, Math.ceil(beam.work / workALayout)) };
}

const statesFor = (layouts: number) => Math.min(MOST_STATES, Math.round(layouts / LAYOUTS_A_STATE / SEARCHES));

export interface BedToShorten {
  readonly boxes: readonly PackBox[];
  readonly bed: InnerBed;
  /** Where it ends now. */
  readonly height: Um10;
  readonly random: Random;
}

/** No layout ends above this: by the area of the boxes, and by the deepest of them as shallow as it can lie. */
export function leastHeight(boxes: readonly PackBox[], bed: InnerBed): number {
  const area = boxes.reduce((sum, { width, height }) => sum + width * height, 0);
  const depths = boxes.map(({ width, height }) => {
    const mayLie = width <= bed.width;
    const mayTurn = bed.mayTurn && height <= bed.width;
    return Math.min(mayLie ? height : Infinity, mayTurn ? width : Infinity);
  });
  return Math.max(Math.ceil(area / bed.width), ...depths);
}
