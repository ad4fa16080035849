import type { Block, FreeSpace, HalfPlane } from './free-space';
import { hullOf } from './convex-parts';
import type { Ring } from './shape-ring';

const known = new WeakMap<FreeSpace, Map<number, FreeSpace | null>>();

/**
 * Where ink may lie that has something of a constant width around it: whatever lies there keeps so far off every edge. Walls move in,
 * what is kept off grows with round corners, which is exact: ink grown by a distance lies in a place when the ink alone lies in this.
 * In the same frame; made once for a distance. Null when no room is left.
 */
export function keptOff(space: FreeSpace, distanceMm: number): FreeSpace | null {
  if (distanceMm === 0) return space;
  const byDistance = known.get(space) ?? new Map<number, FreeSpace | null>();
  known.set(space, byDistance);
  const found = byDistance.get(distanceMm);
  if (found !== undefined) return found;
  const inner = computed(space, distanceMm);
  byDistance.set(distanceMm, inner);
  return inner;
}

function computed(space: FreeSpace, mm: number): FreeSpace | null {
  const { usable, aim, walls, blocks, clear } = space;
  const room = {
    xMm: usable.xMm + mm,
    yMm: usable.yMm + mm,
    widthMm: usable.widthMm - 2 * mm,
    heightMm: usable.heightMm - 2 * mm,
  };
  if (room.widthMm <= 0 || room.heightMm <= 0) return null;
  const [across, down] = aim;
  const grown = blocks.map((block): Block => ({ ...block, ring: grownRing(block.ring, mm) }));
  /** What is wanted at a side lies so much within it; a middle stays one. */
  const within = <A extends { readonly share: number; readonly atMm: number }>(one: A): A => ({
    ...one,
    atMm: one.atMm + (0.5 - one.share) * 2 * mm,
  });
  return {
    ...space,
    usable: room,
    aim: [within(across), within(down)],
    walls: walls.map((wall): HalfPlane => ({ ...wall, c: wall.c - mm })),
    blocks: grown,
    clear: [...clear, ...grown.map(({ ring }) => ring)],
  };
}

/** Straight parts of a grown corner to a full turn. */
const PARTS_TO_TURN = 48;

/** Everything within a distance of a convex ring, or of a straight line; its corners stand a hair outside the true arcs, never inside. */
function grownRing(ring: Ring, mm: number): Ring {
  const outside = mm / Math.cos(Math.PI / PARTS_TO_TURN);
  return hullOf(
    ring.flatMap(([x, y]) =>
      Array.from({ length: PARTS_TO_TURN }, (_, k) => {
        const angle = ((k + 0.5) * 2 * Math.PI) / PARTS_TO_TURN;
        return [x + outside * Math.cos(angle), y + outside * Math.sin(angle)] as const;
      }),
    ),
  );
}
