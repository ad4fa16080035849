import type { StringHole } from '../shop';
import type { AxisAim, FreeSpace } from './free-space';
import type { Ring } from './shape-ring';

/** A round hole in the reader's frame of a place. */
export interface PlacedHole {
  readonly xMm: number;
  readonly yMm: number;
  readonly radiusMm: number;
}

/** Nearer to its edge than that is as near as asked. */
const NEAR_MM = 0.001;
const MOST_STEPS = 1000;

/**
 * Where a hole for a string lies: on the middle line from one side, as near to that as it may be with its distance kept from every
 * edge. Null when the place is too small for it.
 */
export function holeInPlace(outline: Ring, { side, diameterMm, edgeMm }: StringHole): PlacedHole | null {
  const radiusMm = diameterMm / 2;
  const far = radiusMm + edgeMm;
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const middle = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2] as const;
  const [from, to] = side === 'left' ? [Math.min(...xs), Math.max(...xs)] : [Math.min(...ys), Math.max(...ys)];
  const pointAt = (at: number) => (side === 'left' ? ([at, middle[1]] as const) : ([middle[0], at] as const));
  let at = from + far;
  for (let step = 0; step < MOST_STEPS && at <= to - far; step++) {
    const [xMm, yMm] = pointAt(at);
    const lacks = far - depthIn(outline, xMm, yMm);
    if (lacks <= NEAR_MM) return { xMm, yMm, radiusMm };
    // So much nearer to the edge it would be too near as well: its distance changes by no more than it is moved.
    at += Math.max(lacks, NEAR_MM);
  }
  return null;
}

/** How far a point lies within a ring, from its nearest edge; less than none outside. */
function depthIn(ring: Ring, x: number, y: number): number {
  let nearest = Infinity;
  let isIn = false;
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    const [dx, dy] = [bx - ax, by - ay];
    const length2 = dx * dx + dy * dy;
    const share = length2 > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / length2)) : 0;
    nearest = Math.min(nearest, Math.hypot(x - ax - share * dx, y - ay - share * dy));
    if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * dx) isIn = !isIn;
  });
  return isIn ? nearest : -nearest;
}

const known = new WeakMap<FreeSpace, Map<string, FreeSpace | null>>();

/** What is left of a space beside a hole in it, so far from that. Null when nothing is. */
export function besideHole(space: FreeSpace, hole: StringHole, offMm: number): FreeSpace | null {
  const kept = known.get(space) ?? new Map<string, FreeSpace | null>();
  known.set(space, kept);
  const key = `${hole.side} ${hole.diameterMm} ${hole.edgeMm} ${offMm}`;
  const found = kept.get(key);
  if (found !== undefined) return found;
  const left = computed(space, hole, offMm);
  kept.set(key, left);
  return left;
}

function computed(space: FreeSpace, hole: StringHole, offMm: number): FreeSpace | null {
  const placed = holeInPlace(space.outline, hole);
  if (!placed) return null;
  const { usable, walls } = space;
  const [across, down] = space.aim;
  const isLeft = hole.side === 'left';
  const from = (isLeft ? placed.xMm : placed.yMm) + placed.radiusMm + offMm;
  const before = isLeft ? usable.xMm : usable.yMm;
  const by = Math.max(0, from - before);
  const room = isLeft
    ? { ...usable, xMm: before + by, widthMm: usable.widthMm - by }
    : { ...usable, yMm: before + by, heightMm: usable.heightMm - by };
  if (room.widthMm <= 0 || room.heightMm <= 0) return null;
  // What is in the middle is in the middle of what is left of the place, and what is held at the hole's side lies beside it.
  const beside = (aim: AxisAim): AxisAim => ({
    ...aim,
    atMm: aim.atMm + (aim.share === 0.5 ? from / 2 : by * (1 - aim.share)),
  });
  const wall = isLeft ? { nx: -1, ny: 0, c: -from } : { nx: 0, ny: -1, c: -from };
  return {
    ...space,
    usable: room,
    walls: [...walls, wall],
    aim: isLeft ? [beside(across), down] : [across, beside(down)],
  };
}
