import type { LetteredText } from '../lettering';
import type { FreeSpace } from '../place';
import { largestBehindWalls, nearestBehindWalls } from './convex-space';
import { type InkWall, type Lie, SNAP_MM, inkWalls, isFree } from './ink-in-space';
import { type InkShape, bodyShape, inkShape } from './ink-shape';
import { coarseEdges, grown, moved, trueEdges } from './polish';
import { type Spot, cellOf, clusters, freeSpots } from './start-grid';

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

/** What size may be given up, in small steps, for a text that lies where it is held. */
const HELD_SHARES = [1, 0.995, 0.99, 0.985, 0.98];

/**
 * The largest fit, unless a size that an eye cannot tell from it lies at the anchor: on a side that tapers a little, a name is
 * wanted in the middle and not at the wide end.
 */
export function largestHeldFit(ink: InkShape, space: FreeSpace): LargestFit {
  const found = largestFit(ink, space);
  if (space.isRect) return found;
  const walls = inkWalls(ink, space);
  const { usable, aim } = space;
  for (const share of HELD_SHARES) {
    const emMm = found.emMm * share;
    const xMm = usable.xMm + (usable.widthMm - ink.widthEm * emMm) * aim[0];
    const yMm = usable.yMm + (usable.heightMm - ink.heightEm * emMm) * aim[1];
    if (isFree(ink, walls, space, { xMm, yMm, emMm })) return { ...found, xMm, yMm, emMm };
  }
  return found;
}

/** In the usable rectangle: the size that is always possible. */
function largestInRect({ widthEm, heightEm }: InkShape, { usable, aim }: FreeSpace): LargestFit {
  const byWidth = (usable.widthMm - SNAP_MM) / widthEm;
  const byHeight = (usable.heightMm - SNAP_MM) / heightEm;
  const emMm = Math.max(0, Math.min(byWidth, byHeight));
  const [right, down] = aim;
  return {
    emMm,
    xMm: usable.xMm + (usable.widthMm - widthEm * emMm) * right,
    yMm: usable.yMm + (usable.heightMm - heightEm * emMm) * down,
    boundBy: byWidth <= byHeight ? 'width' : 'height',
  };
}

/** The first reach of a search, as a share of the shorter side. */
const FIRST_REACH = 0.06;
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
  const started: Spot[] = [];
  let bestEmMm = inRect.emMm;
  const growFrom = (lie: Lie) => {
    const coarse = grown(ink, coarseEdges(ink), walls, space, lie, reachMm);
    grownLies.push({ lie: coarse, start: lie });
    bestEmMm = Math.max(bestEmMm, coarse.emMm);
  };
  for (let emMm = mostEmMm; emMm > bestEmMm * WORTH_A_START && started.length < MOST_STARTS; emMm *= STEP_DOWN) {
    for (const cluster of clusters(freeSpots(ink, space, emMm), apartMm)) {
      if (started.length >= MOST_STARTS) break;
      const [middle] = cluster;
      if (started.some(({ xMm, yMm }) => Math.hypot(xMm - middle!.xMm, yMm - middle!.yMm) <= apartMm)) continue;
      const free = freeOf(ink, walls, space, cluster, emMm);
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
    const full = grown(ink, trueEdges(ink), walls, space, free, free === lie ? reachMm / 8 : reachMm);
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
function freeOf(
  ink: InkShape,
  walls: readonly InkWall[],
  space: FreeSpace,
  cluster: readonly Spot[],
  emMm: number,
): Lie | null {
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

/**
 * By how much larger the em could be if nothing rose above the capitals or hung below the line. Among clear zones only growing on
 * from where the text lies is asked for, not another search.
 */
export function gainWithoutExtenders(lettered: LetteredText, space: FreeSpace, found: LargestFit): number {
  const ink = inkShape(lettered);
  const body = bodyShape(lettered);
  if (!ink || !body || body.heightEm > ink.heightEm - LEAST_EXTENDER_EM) return 0;
  if (space.isRect || space.blocks.length === 0) {
    return largestHeldFit(body, space).emMm - found.emMm;
  }
  const start = { ...found, yMm: found.yMm + body.topEm * found.emMm };
  const reachMm = FIRST_REACH * Math.min(space.widthMm, space.heightMm);
  return Math.max(0, grown(body, coarseEdges(body), inkWalls(body, space), space, start, reachMm).emMm - found.emMm);
}

/** Round letters overshoot their line by about this much; that is no descender. */
const LEAST_EXTENDER_EM = 0.03;

/**
 * Where ink of a size that fits comes to lie: at `aim` (the top left corner of its box) or as near to it as the place allows.
 * Ink that straddles a clear zone may have no spot at a size in between: then it lies at the next smaller size that has one.
 */
export function lieNear(
  ink: InkShape,
  space: FreeSpace,
  emMm: number,
  aim: readonly [number, number],
  largest: Lie,
): Lie {
  const [aimX, aimY] = aim;
  if (space.isRect) {
    const { usable } = space;
    const between = (at: number, from: number, to: number) => Math.min(Math.max(at, from), Math.max(from, to));
    return {
      emMm,
      xMm: between(aimX, usable.xMm, usable.xMm + usable.widthMm - ink.widthEm * emMm),
      yMm: between(aimY, usable.yMm, usable.yMm + usable.heightMm - ink.heightEm * emMm),
    };
  }
  const walls = inkWalls(ink, space);
  const there = { xMm: aimX, yMm: aimY, emMm };
  if (isFree(ink, walls, space, there)) return there;
  const far = 2 * Math.hypot(space.widthMm, space.heightMm);
  const behind = nearestBehindWalls(walls, emMm, aim, far);
  const near = behind && { xMm: behind[0], yMm: behind[1], emMm };
  if (near && (space.blocks.length === 0 || isFree(ink, walls, space, near))) return near;
  const start = startNear(ink, walls, space, emMm, aim, largest);
  if (!start) return lieNear(ink, space, Math.max(emMm * SMALLER, largestInRect(ink, space).emMm), aim, largest);
  if (emMm > largest.emMm * NO_SLACK) return start;
  const lie = moved(coarseEdges(ink), walls, space, start, aim, MOVE_REACH * Math.min(space.widthMm, space.heightMm));
  return isFree(ink, walls, space, lie) ? lie : start;
}

/** Ink that is nearly as large as it can be has nowhere to go. */
const NO_SLACK = 0.985;
/** The usable rectangle always holds its own size, so that the way down ends. */
const SMALLER = 0.98;
const MOVE_REACH = 0.12;

/** A free lie of this size, as near to the aim as one is easily found; null when there is none. */
function startNear(
  ink: InkShape,
  walls: readonly InkWall[],
  space: FreeSpace,
  emMm: number,
  [aimX, aimY]: readonly [number, number],
  largest: Lie,
): Lie | null {
  const off = ({ xMm, yMm }: Lie) => Math.hypot(xMm - aimX, yMm - aimY);
  const shrink = largest.emMm - emMm;
  // Most ink that gets smaller about one of its own points stays off what it stayed off before.
  const shrunk = [0.5, 0, 1].flatMap((across) =>
    [0.5, 0, 1].map((down) => ({
      xMm: largest.xMm + shrink * across * ink.widthEm,
      yMm: largest.yMm + shrink * down * ink.heightEm,
      emMm,
    })),
  );
  const spots = freeSpots(ink, space, emMm).map((spot) => ({ ...spot, emMm }));
  const free = [...shrunk, ...spots].sort((a, b) => off(a) - off(b)).find((lie) => isFree(ink, walls, space, lie));
  if (free) return free;
  const inRect = largestInRect(ink, space);
  return inRect.emMm >= emMm ? { ...inRect, emMm } : null;
}
