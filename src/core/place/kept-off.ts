import type { Block, FreeSpace, HalfPlane } from './free-space';
import { hullOf } from './convex-parts';
import type { Ring } from './shape-ring';

/** How much farther than all around something reaches to the left of ink and above it, as it reads. */
export interface Aside {
  readonly leftMm: number;
  readonly topMm: number;
}

const NOT_ASIDE: Aside = { leftMm: 0, topMm: 0 };

const known = new WeakMap<FreeSpace, Map<string, FreeSpace | null>>();

/**
 * Where ink may lie that has something of a constant width around it, and farther to the left or above: whatever lies there keeps so far
 * off every edge. Walls move in, what is kept off grows with round corners, which is exact: ink grown by a distance lies in a place when
 * the ink alone lies in this. In the same frame; made once for a distance. Null when no room is left.
 */
export function keptOff(space: FreeSpace, distanceMm: number, aside: Aside = NOT_ASIDE): FreeSpace | null {
  if (distanceMm === 0 && aside.leftMm === 0 && aside.topMm === 0) return space;
  const byDistance = known.get(space) ?? new Map<string, FreeSpace | null>();
  known.set(space, byDistance);
  const key = `${distanceMm} ${aside.leftMm} ${aside.topMm}`;
  const found = byDistance.get(key);
  if (found !== undefined) return found;
  const inner = computed(space, distanceMm, aside);
  byDistance.set(key, inner);
  return inner;
}

function computed(space: FreeSpace, mm: number, { leftMm, topMm }: Aside): FreeSpace | null {
  const { usable, aim, walls, blocks, clear } = space;
  const room = {
    xMm: usable.xMm + mm + leftMm,
    yMm: usable.yMm + mm + topMm,
    widthMm: usable.widthMm - 2 * mm - leftMm,
    heightMm: usable.heightMm - 2 * mm - topMm,
  };
  if (room.widthMm <= 0 || room.heightMm <= 0) return null;
  const [across, down] = aim;
  const grown = blocks.map((block): Block => ({ ...block, ring: grownRing(block.ring, mm, { leftMm, topMm }) }));
  /** What is wanted at a side lies so much within it; all of it together has its middle where ink alone would. */
  const within = <A extends { readonly share: number; readonly atMm: number }>(one: A, beforeMm: number): A => ({
    ...one,
    atMm: one.atMm + (mm + beforeMm) * (1 - one.share) - mm * one.share,
  });
  return {
    ...space,
    usable: room,
    aim: [within(across, leftMm), within(down, topMm)],
    walls: walls.map((wall): HalfPlane => ({
      ...wall,
      c: wall.c - mm - leftMm * Math.max(0, -wall.nx) - topMm * Math.max(0, -wall.ny),
    })),
    blocks: grown,
    clear: [...clear, ...grown.map(({ ring }) => ring)],
  };
}

/** Straight parts of a grown corner to a full turn. */
const PARTS_TO_TURN = 48;

/**
 * Everything within a distance of a convex ring, or of a straight line, and as far to its right and below as something reaches to the left and
 * above; its corners stand a hair outside the true arcs, never inside.
 */
function grownRing(ring: Ring, mm: number, { leftMm, topMm }: Aside): Ring {
  const outside = mm / Math.cos(Math.PI / PARTS_TO_TURN);
  const moved = [
    [0, 0],
    [leftMm, 0],
    [0, topMm],
    [leftMm, topMm],
  ] as const;
  const swept =
    leftMm > 0 || topMm > 0 ? ring.flatMap(([x, y]) => moved.map(([dx, dy]) => [x + dx, y + dy] as const)) : ring;
  return hullOf(
    swept.flatMap(([x, y]) =>
      Array.from({ length: PARTS_TO_TURN }, (_, k) => {
        const angle = ((k + 0.5) * 2 * Math.PI) / PARTS_TO_TURN;
        return [x + outside * Math.cos(angle), y + outside * Math.sin(angle)] as const;
      }),
    ),
  );
}
