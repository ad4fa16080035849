import { type FreeSpace, aimedAt } from '../place';
import { largestBehindWalls } from './convex-space';
import { type InkWall, type Lie, SNAP_MM, inkWalls, isFree } from './ink-in-space';
import type { InkShape } from './ink-shape';
import { type Bounds, coarseEdges, grown, trueEdges } from './polish';
import { type GridSpot, cellOf, clusters, freeSpots } from './start-grid';

/** The largest em at which ink lies in a place, and where. */
export interface LargestFit extends Lie {
  /** What keeps it from being larger. */
  readonly boundBy: 'width' | 'height' | 'outline';
}

/**
 * The largest size at which the ink lies in the place, not turned. Exact for rectangles and for convex places without clear
 * zones; otherwise the best of several spots, each grown as far as it goes. Of no size when there is no room.
 */
export function largestFit(ink: InkShape, space: FreeSpace): LargestFit {
  if (space.isRect) return largestInRect(ink, space);
  const walls = inkWalls(ink, space);
  const behind = largestBehindWalls(walls);
  if (!behind) return { ...largestInRect(ink, space), boundBy: 'outline' };
  if (space.blocks.length === 0 || isFree(ink, walls, space, behind)) return { ...behind, boundBy: 'outline' };
  return { ...largestAmongBlocks(ink, walls, space, behind.emMm), boundBy: 'outline' };
}

/** In the usable rectangle: the size that is always possible. Where it is wanted, as far as the rectangle allows. */
export function largestInRect({ widthEm, heightEm }: InkShape, space: FreeSpace): LargestFit {
  const { usable } = space;
  const byWidth = (usable.widthMm - SNAP_MM) / widthEm;
  const byHeight = (usable.heightMm - SNAP_MM) / heightEm;
  const emMm = Math.max(0, Math.min(byWidth, byHeight));
  const [widthMm, heightMm] = [widthEm * emMm, heightEm * emMm];
  const [xMm, yMm] = aimedAt(space, widthMm, heightMm);
  return {
    emMm,
    xMm: between(xMm, usable.xMm, usable.xMm + usable.widthMm - widthMm),
    yMm: between(yMm, usable.yMm, usable.yMm + usable.heightMm - heightMm),
    boundBy: byWidth <= byHeight ? 'width' : 'height',
  };
}

/** The value as near to itself as the bounds allow; the lower one wins where they are crossed. */
export function between(value: number, from: number, to: number): number {
  return Math.min(Math.max(value, from), Math.max(from, to));
}

/** The first reach of a search, as a share of the shorter side. */
export const FIRST_REACH = 0.06;
/** Sizes looked at from the largest that the walls allow downward; between two of them a start grows to what lies between. */
const STEP_DOWN = 0.98;
/** Another spot that starts this far below the best so far is not expected to outgrow it. */
const WORTH_A_START = 0.93;
const MOST_STARTS = 8;
/** Spots within so many squares of each other grow to the same. */
const APART_CELLS = 12;
/** Those that end up this far below the best are not looked at point for point: a narrow gap may have been too narrow for the coarse outline. */
const WORTH_A_LOOK = 0.95;
const MOST_LOOKS = 6;

/**
 * Ink can straddle a clear zone at one size and not at a smaller one, so that sizes are tried from above, not halved. What is
 * found on a grid of squares is nudged until it is free and grown along the coarse outline, the best few along the true one.
 */
function largestAmongBlocks(ink: InkShape, walls: readonly InkWall[], space: FreeSpace, mostEmMm: number): Lie {
  const inRect = largestInRect(ink, space);
  const reachMm = FIRST_REACH * Math.min(space.widthMm, space.heightMm);
  const apartMm = APART_CELLS * cellOf(space);
  const grownLies: { readonly lie: Lie; readonly start: Lie }[] = [];
  const started: GridSpot[] = [];
  let bestEmMm = inRect.emMm;
  const growFrom = (lie: Lie) => {
    const coarse = grown(coarseEdges(ink, space), { walls, space }, lie, reachMm);
    grownLies.push({ lie: coarse, start: lie });
    bestEmMm = Math.max(bestEmMm, coarse.emMm);
  };
  for (let emMm = mostEmMm; emMm > bestEmMm * WORTH_A_START && started.length < MOST_STARTS; emMm *= STEP_DOWN) {
    for (const cluster of clusters(freeSpots(ink, space, emMm), apartMm)) {
      if (started.length >= MOST_STARTS) break;
      const [middle] = cluster;
      if (started.some(({ xMm, yMm }) => Math.hypot(xMm - middle!.xMm, yMm - middle!.yMm) <= apartMm)) continue;
      const free = freeOf(ink, { walls, space }, cluster, emMm);
      if (!free) continue;
      started.push(middle!);
      growFrom(free);
    }
  }
  growFrom(inRect);
  let best: Lie = inRect;
  const worthALook = grownLies
    .filter(({ lie }) => lie.emMm >= WORTH_A_LOOK * bestEmMm)
    .sort((a, b) => b.lie.emMm - a.lie.emMm);
  const looked: Lie[] = [];
  for (const { lie, start } of worthALook) {
    // Two starts that grew to the same are one.
    if (looked.length === MOST_LOOKS || looked.some((one) => isSame(one, lie, ink))) continue;
    looked.push(lie);
    const free = isFree(ink, walls, space, lie) ? lie : start;
    const full = grown(trueEdges(ink, space), { walls, space }, free, free === lie ? reachMm / 8 : reachMm);
    if (full.emMm > best.emMm && isFree(ink, walls, space, full)) best = full;
  }
  return best;
}

function isSame(a: Lie, b: Lie, { widthEm }: InkShape): boolean {
  const apart = Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm) + Math.abs(a.emMm - b.emMm) * widthEm;
  return apart < 0.02 * widthEm * a.emMm;
}

/** Members of a cluster that are looked at besides its middle. */
const MOST_MEMBERS = 40;

/**
 * The grid is wrong by up to half a square: tries half a square to every side of the middle and a little smaller, then the other
 * members as they are.
 */
function freeOf(ink: InkShape, { walls, space }: Bounds, cluster: readonly GridSpot[], emMm: number): Lie | null {
  const half = cellOf(space) / 2;
  const isFreeHere = (lie: Lie) => isFree(ink, walls, space, lie);
  const [middle] = cluster;
  for (const share of [1, 0.99, 0.975, 0.955]) {
    const smaller = emMm * share;
    const [left, top] = [((emMm - smaller) * ink.widthEm) / 2, ((emMm - smaller) * ink.heightEm) / 2];
    for (const [dx, dy] of NUDGES) {
      const nudged = { xMm: middle!.xMm + left + dx * half, yMm: middle!.yMm + top + dy * half, emMm: smaller };
      if (isFreeHere(nudged)) return nudged;
    }
    if (share < 1) continue;
    const member = cluster.slice(1, MOST_MEMBERS).find((spot) => isFreeHere({ ...spot, emMm }));
    if (member) return { ...member, emMm };
  }
  return null;
}

const NUDGES: readonly (readonly [number, number])[] = [
  [0, 0],
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
];
