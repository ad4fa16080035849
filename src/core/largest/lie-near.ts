import type { FreeSpace } from '../place';
import { nearestBehindWalls } from './convex-space';
import { type InkWall, type Lie, inkWalls, isFree, lineWalls } from './ink-in-space';
import type { InkShape } from './ink-shape';
import { between, largestInRect } from './largest-fit';
import { type Bounds, coarseEdges, moved } from './polish';
import { freeSpots } from './start-grid';

interface Wish {
  /** The top left corner of the ink's box. */
  readonly aim: readonly [number, number];
  /** Where it lies at its largest. */
  readonly largest: Lie;
}

/**
 * Where ink of a size that fits comes to lie: at `aim` (the top left corner of its box) or as near to it as the place allows.
 * Ink that straddles a clear zone may have no spot at a size in between: then it lies at the next smaller size that has one.
 */
export function lieNear(ink: InkShape, space: FreeSpace, emMm: number, wish: Wish): Lie {
  const { aim, largest } = wish;
  const [aimX, aimY] = aim;
  if (space.isRect) {
    const { usable } = space;
    return {
      emMm,
      xMm: between(aimX, usable.xMm, usable.xMm + usable.widthMm - ink.widthEm * emMm),
      yMm: between(aimY, usable.yMm, usable.yMm + usable.heightMm - ink.heightEm * emMm),
    };
  }
  const walls = inkWalls(ink, space);
  const there = { xMm: aimX, yMm: aimY, emMm };
  if (isFree(ink, walls, space, there)) return there;
  // As large as it can be it lies where that was found.
  if (emMm >= largest.emMm * AS_LARGE) return { xMm: largest.xMm, yMm: largest.yMm, emMm };
  const onLine = onAimedLine(ink, walls, space, there);
  if (onLine) return onLine;
  const far = 2 * Math.hypot(space.widthMm, space.heightMm);
  const behind = nearestBehindWalls(walls, emMm, aim, far);
  const near = behind && { xMm: behind[0], yMm: behind[1], emMm };
  if (near && (space.blocks.length === 0 || isFree(ink, walls, space, near))) return near;
  const start = startNear(ink, { walls, space }, emMm, wish);
  if (!start) return lieNear(ink, space, Math.max(emMm * SMALLER, largestInRect(ink, space).emMm), wish);
  if (emMm > largest.emMm * NO_SLACK) return start;
  const reachMm = MOVE_REACH * Math.min(space.widthMm, space.heightMm);
  const lie = moved(coarseEdges(ink, space), { walls, space }, start, { aim, reachMm });
  return isFree(ink, walls, space, lie) ? lie : start;
}

const AS_LARGE = 1 - 1e-9;

/**
 * Each axis is kept for itself: on the aim's upright line, then on its level one, as near to the aim as that comes. Null where
 * neither has a free spot that is easily found.
 */
function onAimedLine(ink: InkShape, walls: readonly InkWall[], space: FreeSpace, there: Lie): Lie | null {
  const aim = [there.xMm, there.yMm] as const;
  const far = 2 * Math.hypot(space.widthMm, space.heightMm);
  for (const line of [lineWalls('x', 0, there.xMm, 0), lineWalls('y', 0, there.yMm, 0)]) {
    const spot = nearestBehindWalls([...walls, ...line], there.emMm, aim, far);
    const lie = spot && { xMm: spot[0], yMm: spot[1], emMm: there.emMm };
    if (lie && (space.blocks.length === 0 || isFree(ink, walls, space, lie))) return lie;
  }
  return null;
}

/** Ink that is nearly as large as it can be has nowhere to go. */
const NO_SLACK = 0.985;
/** The usable rectangle always holds its own size, so that the way down ends. */
const SMALLER = 0.98;
const MOVE_REACH = 0.12;

/** A free lie of this size, as near to the aim as one is easily found; null when there is none. */
function startNear(ink: InkShape, { walls, space }: Bounds, emMm: number, { aim, largest }: Wish): Lie | null {
  const [aimX, aimY] = aim;
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
