import type { FreeSpace } from '../place';
import { nearestBehindWalls } from './convex-space';
import { CLEAR_MM, type InkWall, type Lie, nearestGaps } from './ink-in-space';
import { COARSE_EM, type InkShape } from './ink-shape';
import { farthest } from './linear-programme';
import { COARSE_MM, blockReach } from './separate';

/** Edges of the ink, and how far its true edge may stray from them. */
export interface InkEdges {
  readonly rings: readonly Float64Array[];
  /** Of the holes, for zones that may lie in them. */
  readonly loops: readonly Float64Array[];
  readonly marginEm: number;
  /** The longer side of the ink. */
  readonly spanEm: number;
}

export function coarseEdges(ink: InkShape, space: FreeSpace): InkEdges {
  return { rings: ink.coarse, loops: loopsFor(ink, space), marginEm: COARSE_EM, spanEm: spanOf(ink) };
}

export function trueEdges(ink: InkShape, space: FreeSpace): InkEdges {
  return { rings: ink.rings, loops: loopsFor(ink, space), marginEm: 0, spanEm: spanOf(ink) };
}

function spanOf({ widthEm, heightEm }: InkShape): number {
  return Math.max(widthEm, heightEm);
}

const NONE: readonly Float64Array[] = [];

function loopsFor(ink: InkShape, { blocks }: FreeSpace): readonly Float64Array[] {
  return blocks.some(({ zone }) => zone?.mayLieInLoop) ? ink.loops : NONE;
}

/** What ink stays within and clear of. */
export interface Bounds {
  readonly walls: readonly InkWall[];
  readonly space: FreeSpace;
}

export interface Way {
  readonly aim: readonly [number, number];
  readonly reachMm: number;
}

const MOST_STEPS = 14;
/** A step that gains less than this share ends the search at its reach. */
const WORTH_A_STEP = 2e-4;

/**
 * Grows ink from a free lie until nothing near it gives way. Ink does not turn, so that for a fixed direction between an edge
 * of the ink and a block near it "they stay apart along it" is linear in x, y and the size: one small linear programme a step,
 * within a reach in which nothing farther off can be met. Every step stays free, so the size only grows.
 */
export function grown(edges: InkEdges, { walls, space }: Bounds, start: Lie, firstReachMm: number): Lie {
  let lie = start;
  let reachMm = firstReachMm;
  const { spanEm: span } = edges;
  for (let step = 0; step < MOST_STEPS && reachMm > 0.02; step++) {
    const rows = gapWalls(edges, space, lie, 2.5 * reachMm).map(({ nx, ny, reachEm, c }) => [nx, ny, reachEm, c]);
    for (const { nx, ny, reachEm, c } of walls) rows.push([nx, ny, reachEm, c]);
    // Counted from here, so that the bounds of the programme are the reach; the size in the ink's own span.
    const from = [lie.xMm, lie.yMm, lie.emMm];
    const moved = rows.map(([a = 0, b = 0, e = 0, c = 0]) => [
      a,
      b,
      e / span,
      c - a * from[0]! - b * from[1]! - e * from[2]!,
    ]);
    const best = farthest([0, 0, 1], moved, reachMm);
    if (!best) return lie;
    const next = { xMm: lie.xMm + best[0]!, yMm: lie.yMm + best[1]!, emMm: lie.emMm + best[2]! / span };
    const gain = (next.emMm - lie.emMm) / lie.emMm;
    // The first step may have to make room for the margin.
    if (gain > 0 || step === 0) lie = next;
    if (gain < WORTH_A_STEP) reachMm /= 4;
    else if (best[2]! < reachMm / 2) reachMm /= 2;
  }
  return lie;
}

const MOST_MOVES = 6;

/** Moves ink of a fixed size from a free lie towards `aim`, as near as it comes in a few steps. */
export function moved(edges: InkEdges, { walls, space }: Bounds, start: Lie, { aim, reachMm }: Way): Lie {
  let lie = start;
  for (let step = 0; step < MOST_MOVES; step++) {
    const near = [...gapWalls(edges, space, lie, 2.5 * reachMm), ...walls, ...squareRound(lie, reachMm)];
    const spot = nearestBehindWalls(near, lie.emMm, aim, 2 * Math.hypot(space.widthMm, space.heightMm));
    if (!spot) return lie;
    const way = Math.hypot(spot[0] - lie.xMm, spot[1] - lie.yMm);
    lie = { xMm: spot[0], yMm: spot[1], emMm: lie.emMm };
    if (way < 0.01) return lie;
  }
  return lie;
}

function squareRound({ xMm, yMm }: Lie, reachMm: number): InkWall[] {
  return [
    { nx: 1, ny: 0, c: xMm + reachMm, reachEm: 0 },
    { nx: -1, ny: 0, c: reachMm - xMm, reachEm: 0 },
    { nx: 0, ny: 1, c: yMm + reachMm, reachEm: 0 },
    { nx: 0, ny: -1, c: reachMm - yMm, reachEm: 0 },
  ];
}

/** Every edge of the ink near a block as a wall between the two. */
function gapWalls({ rings, loops, marginEm }: InkEdges, space: FreeSpace, lie: Lie, withinMm: number): InkWall[] {
  const { xMm, yMm, emMm } = lie;
  const found: InkWall[] = [];
  const isCoarse = marginEm > 0;
  const marginMm = CLEAR_MM + (isCoarse ? COARSE_MM : 0);
  nearestGaps(rings, loops, space, lie, withinMm, isCoarse, ({ distance, nx, ny }, block, ax, ay, bx, by) => {
    if (distance < 1e-6) return;
    // From the ink to the block, so that the ink stays on the inner side.
    const [ux, uy] = [-nx, -ny];
    const toA = (ux * (ax - xMm) + uy * (ay - yMm)) / emMm;
    const toB = (ux * (bx - xMm) + uy * (by - yMm)) / emMm;
    const c = -blockReach(block, nx, ny) - marginMm;
    found.push({ nx: ux, ny: uy, reachEm: Math.max(toA, toB) + marginEm, c });
  });
  return found;
}
