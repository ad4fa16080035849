import { type AxisAim, type FreeSpace, aimedAt } from '../place';
import { largestBehindWalls } from './convex-space';
import { type InkWall, type Lie, inkWalls, isFree, lineWalls } from './ink-in-space';
import type { InkShape } from './ink-shape';
import { FIRST_REACH, type LargestFit, largestFit } from './largest-fit';
import { coarseEdges, grown, trueEdges } from './polish';
import { cellOf, clusters, freeSpots } from './start-grid';

/** The largest fit that lies where it is wanted, as far as that does not cost too much. */
export interface HeldFit extends LargestFit {
  /** Whether it lies where it is wanted across and down. */
  readonly isHeld: readonly [across: boolean, down: boolean];
  /** The largest that could lie where it is wanted on both axes; zero where there is no such spot within `MOST_LOOKED_DOWN`. */
  readonly heldEmMm: number;
  /** The largest of all, wherever it lies. */
  readonly most: LargestFit;
}

/** Share of the letter height that is given up for the middle of a place, each axis for itself. */
export const MOST_FOR_MIDDLE = 0.1;
/** How far below the largest a spot in the middle is looked for, only to tell what it would cost. */
export const MOST_LOOKED_DOWN = 2 * MOST_FOR_MIDDLE;
/** Share that is given up for a side: what an eye cannot tell. */
export const MOST_FOR_SIDE = 0.02;

const BOTH = [true, true] as const;

/**
 * The largest size at which the ink lies where it is wanted. Each axis is kept for itself: both while that costs no more than is
 * given up for it, else the one that costs less, else none.
 */
export function heldFit(ink: InkShape, space: FreeSpace): HeldFit {
  if (space.isRect) {
    const found = largestFit(ink, space);
    return { ...found, isHeld: BOTH, heldEmMm: found.emMm, most: found };
  }
  const walls = inkWalls(ink, space);
  const behindEmMm = largestBehindWalls(walls)?.emMm ?? 0;
  // No spot is larger than what the walls alone allow: where one in the middle hardly is less, nothing else need be looked for.
  const nearly = { mostEmMm: behindEmMm, leastEmMm: behindEmMm * (1 - MOST_FOR_SIDE) };
  const atOnce = new HeldSearch(ink, space, walls, nearly).held(BOTH);
  if (atOnce && atOnce.emMm >= nearly.leastEmMm) return fitOf(atOnce, BOTH, atOnce, atOnce);
  const most = largestFit(ink, space);
  const search = new HeldSearch(ink, space, walls, {
    mostEmMm: Math.min(behindEmMm, most.emMm * MISSED),
    leastEmMm: most.emMm * (1 - MOST_LOOKED_DOWN),
    leastOnLineEmMm: most.emMm * (1 - MOST_FOR_MIDDLE),
  });
  const both = search.held(BOTH);
  const [across, down] = space.aim.map(({ share }) => share === 0.5);
  const middles = [across ?? false, down ?? false] as const;
  const base = search.best(most, [middles, [middles[0], false], [false, middles[1]]], MOST_FOR_MIDDLE);
  const kept = search.best(
    base.lie,
    [BOTH, [true, base.isHeld[1]], [base.isHeld[0], true]].filter(
      // What the middle was not worth, a side is not either.
      (axes) => axes.every((isHeld, i) => !isHeld || base.isHeld[i] || !middles[i]),
    ) as Axes[],
    MOST_FOR_SIDE,
  );
  const chosen = kept.isHeld.some((isHeld, i) => isHeld && !base.isHeld[i]) ? kept : base;
  return fitOf(chosen.lie, chosen.isHeld, both, most);
}

function fitOf(lie: Lie, isHeld: Axes, both: Lie | null, most: Lie): HeldFit {
  const { xMm, yMm, emMm } = lie;
  const whole: LargestFit = { xMm: most.xMm, yMm: most.yMm, emMm: most.emMm, boundBy: 'outline' };
  return { xMm, yMm, emMm, boundBy: 'outline', isHeld, heldEmMm: both?.emMm ?? 0, most: whole };
}

type Axes = readonly [across: boolean, down: boolean];

/** Sizes looked at from the largest downward where ink keeps to one spot; between two of them it is halved. */
const STEP_DOWN = 0.995;
const NUM_HALVINGS = 10;
/** Sizes looked at where ink may move along a line. */
const STEP_ON_LINE = 0.98;
const MOST_STARTS = 3;
/** A search on a line may find a little more than the one for the largest did. */
const MISSED = 1.03;

interface Sizes {
  readonly mostEmMm: number;
  readonly leastEmMm: number;
  /** On one axis nothing is kept that costs more than is given up for it; what both cost is told. */
  readonly leastOnLineEmMm?: number;
}

/** Looks for ink that keeps to a spot or a line, each kind once. */
class HeldSearch {
  readonly #found = new Map<string, Lie | null>();

  /** `sizes`: between which it is looked for; what the walls alone decide may be smaller. */
  constructor(
    private readonly ink: InkShape,
    private readonly space: FreeSpace,
    private readonly walls: readonly InkWall[],
    private readonly sizes: Sizes,
  ) {}

  /** The first of some choices of axes that costs no more than a share of the size; `most` itself where all cost more. */
  best(most: Lie, choices: readonly Axes[], mostGivenUp: number): { readonly lie: Lie; readonly isHeld: Axes } {
    const [first, ...others] = choices.filter((axes) => axes.some(Boolean));
    const tried = (axes: Axes) => {
      const lie = this.held(axes);
      return lie && lie.emMm >= most.emMm * (1 - mostGivenUp) ? { lie, isHeld: axes } : null;
    };
    const all = first && tried(first);
    if (all) return all;
    const single = others.flatMap((axes) => tried(axes) ?? []).sort((a, b) => b.lie.emMm - a.lie.emMm);
    return single[0] ?? { lie: most, isHeld: [false, false] };
  }

  /** The largest that lies where it is wanted on these axes; null where there is no spot. */
  held(axes: Axes): Lie | null {
    const key = axes.join();
    const known = this.#found.get(key);
    if (known !== undefined) return known;
    const lie = this.#search(axes);
    this.#found.set(key, lie);
    return lie;
  }

  #search(axes: Axes): Lie | null {
    const { ink, space, sizes } = this;
    const [across, down] = space.aim;
    const lines = [
      ...(axes[0] ? lineWalls('x', across.share, across.atMm, ink.widthEm) : []),
      ...(axes[1] ? lineWalls('y', down.share, down.atMm, ink.heightEm) : []),
    ];
    const walls = [...this.walls, ...lines];
    const behind = largestBehindWalls(walls);
    if (!behind || behind.emMm <= 0) return null;
    if (space.blocks.length === 0 || isFree(ink, walls, space, behind)) return behind;
    const mostEmMm = Math.min(behind.emMm, sizes.mostEmMm);
    const { leastEmMm, leastOnLineEmMm = leastEmMm } = sizes;
    return axes[0] && axes[1]
      ? this.#onSpot({ mostEmMm, leastEmMm })
      : this.#onLine(axes, walls, { mostEmMm, leastEmMm: leastOnLineEmMm });
  }

  #at(emMm: number): Lie {
    const [xMm, yMm] = aimedAt(this.space, this.ink.widthEm * emMm, this.ink.heightEm * emMm);
    return { xMm, yMm, emMm };
  }

  /** Tried from above: ink can straddle a clear zone at one size and not at a smaller one. */
  #onSpot({ mostEmMm, leastEmMm }: Sizes): Lie | null {
    const isFreeAt = (emMm: number) => isFree(this.ink, this.walls, this.space, this.#at(emMm));
    for (let emMm = mostEmMm; emMm >= leastEmMm; emMm *= STEP_DOWN) {
      if (!isFreeAt(emMm)) continue;
      let [low, high] = [emMm, Math.min(mostEmMm, emMm / STEP_DOWN)];
      for (let i = 0; i < NUM_HALVINGS; i++) {
        const middle = (low + high) / 2;
        if (isFreeAt(middle)) low = middle;
        else high = middle;
      }
      return this.#at(low);
    }
    return null;
  }

  #onLine(axes: Axes, walls: readonly InkWall[], { mostEmMm, leastEmMm }: Sizes): Lie | null {
    const { ink, space } = this;
    const near = cellOf(space);
    const reachMm = FIRST_REACH * Math.min(space.widthMm, space.heightMm);
    let best: Lie | null = null;
    let numStarts = 0;
    for (let emMm = mostEmMm; emMm >= leastEmMm && numStarts < MOST_STARTS; emMm *= STEP_ON_LINE) {
      if (best && emMm < best.emMm) break;
      const wanted = this.#at(emMm);
      const about = (mm: number) => [mm - near, mm + near] as const;
      const beside = axes[0] ? { x: about(wanted.xMm) } : { y: about(wanted.yMm) };
      const snapped = freeSpots(ink, space, emMm, beside).map((spot) =>
        axes[0] ? { ...spot, xMm: wanted.xMm } : { ...spot, yMm: wanted.yMm },
      );
      for (const cluster of clusters(snapped, 12 * near)) {
        const start = cluster.map((spot) => ({ ...spot, emMm })).find((lie) => isFree(ink, walls, space, lie));
        if (!start || numStarts >= MOST_STARTS) continue;
        numStarts++;
        const coarse = grown(coarseEdges(ink, space), { walls, space }, start, reachMm);
        const from = isFree(ink, walls, space, coarse) ? coarse : start;
        const full = grown(trueEdges(ink, space), { walls, space }, from, from === coarse ? reachMm / 8 : reachMm);
        const lie = isFree(ink, walls, space, full) ? full : start;
        if (!best || lie.emMm > best.emMm) best = lie;
      }
    }
    return best;
  }
}

/** How far the middle of ink lies from where it is wanted, across and down; zero on an axis that is held at a side. */
export function offMiddle(
  ink: InkShape,
  { aim }: Pick<FreeSpace, 'aim'>,
  { xMm, yMm, emMm }: Lie,
): readonly [acrossMm: number, downMm: number] {
  const off = ({ share, atMm }: AxisAim, fromMm: number, lengthEm: number) =>
    share === 0.5 ? fromMm + share * lengthEm * emMm - atMm : 0;
  return [off(aim[0], xMm, ink.widthEm), off(aim[1], yMm, ink.heightEm)];
}
