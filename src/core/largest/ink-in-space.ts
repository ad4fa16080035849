import { isPointInRing } from '../geometry';
import type { FreeSpace } from '../place';
import { type InkShape, reach } from './ink-shape';
import { type FlatBlock, type Gap, blockOf, measureGapInPlace, segmentsMeet } from './separate';

/** Where ink lies and how large it is: the top left corner of its box in the reader's frame, and millimetres to the em. */
export interface Lie {
  readonly xMm: number;
  readonly yMm: number;
  readonly emMm: number;
}

/** Clear of everything by this much: curves of a place are flattened to 5 µm, and outlines are snapped to 0.1 µm. */
export const CLEAR_MM = 0.006;

const blocksOfSpace = new WeakMap<FreeSpace, readonly FlatBlock[]>();

export function blocksIn(space: FreeSpace): readonly FlatBlock[] {
  const found = blocksOfSpace.get(space) ?? space.blocks.map(blockOf);
  blocksOfSpace.set(space, found);
  return found;
}

/** A wall with how far the ink reaches towards it: `nx·x + ny·y + reachEm·em ≤ c`. */
export interface InkWall {
  readonly nx: number;
  readonly ny: number;
  readonly c: number;
  readonly reachEm: number;
}

/** A hull costs as much as looking at all points for so many walls. */
const MANY_WALLS = 30;

export function inkWalls(ink: InkShape, space: FreeSpace): InkWall[] {
  const points = space.walls.length > MANY_WALLS ? [ink.hull] : ink.rings;
  return space.walls.map(({ nx, ny, c }) => ({ nx, ny, c: c - SNAP_MM, reachEm: reach(points, nx, ny) }));
}

/** Outlines are snapped to 0.1 µm after sizing; two of those keep a snapped outline inside its place for certain. */
export const SNAP_MM = 0.0002;

/** Two walls that leave a line between them: this share of the ink's size lies at that spot, along x or y. */
export function lineWalls(axis: 'x' | 'y', share: number, atMm: number, lengthEm: number): InkWall[] {
  const [nx, ny] = axis === 'x' ? [1, 0] : [0, 1];
  const reachEm = share * lengthEm;
  return [
    { nx, ny, c: atMm + ON_LINE_MM, reachEm },
    { nx: -nx, ny: -ny, c: ON_LINE_MM - atMm, reachEm: -reachEm },
  ];
}

/** A line has to have some width for sums in doubles; a thousandth of the step that outlines are snapped to. */
const ON_LINE_MM = 1e-6;

/** Whether ink lies inside all walls and off every block, its true outline taken point for point. */
export function isFree(ink: InkShape, walls: readonly InkWall[], space: FreeSpace, lie: Lie): boolean {
  for (const { nx, ny, c, reachEm } of walls) {
    if (nx * lie.xMm + ny * lie.yMm + reachEm * lie.emMm > c + 1e-7) return false;
  }
  return blocksIn(space).every((block) => isOff(ink, block, lie));
}

function isOff(ink: InkShape, block: FlatBlock, lie: Lie): boolean {
  const { ring, mayLieInLoop } = block;
  if (ink.rings.some((own) => meets(own, block, lie))) return false;
  if (mayLieInLoop && ink.loops.some((own) => meets(own, block, lie))) return false;
  // A block that no edge meets may still lie wholly under a letter, or in its loop.
  const x = (ring[0]! - lie.xMm) / lie.emMm;
  const y = (ring[1]! - lie.yMm) / lie.emMm;
  const isUnder = ink.rings.some((own) => isPointInRing(x, y, own));
  return !isUnder || (mayLieInLoop && ink.loops.some((own) => isPointInRing(x, y, own)));
}

/** Whether an edge of the ink meets a block, or a corner of it lies in one; ends at the first that does. */
function meets(own: Float64Array, { ring, minX, minY, maxX, maxY }: FlatBlock, { xMm, yMm, emMm }: Lie): boolean {
  let ax = xMm + emMm * own[own.length - 2]!;
  let ay = yMm + emMm * own[own.length - 1]!;
  for (let i = 0; i < own.length; i += 2) {
    const bx = xMm + emMm * own[i]!;
    const by = yMm + emMm * own[i + 1]!;
    const isAside = (ax < minX && bx < minX) || (ax > maxX && bx > maxX);
    if (!isAside && !((ay < minY && by < minY) || (ay > maxY && by > maxY))) {
      for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
        if (segmentsMeet(ax, ay, bx, by, ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!)) return true;
      }
      if (ring.length > 4 && isPointInRing(ax, ay, ring)) return true;
    }
    ax = bx;
    ay = by;
  }
  return false;
}

type FoundGap = (gap: Gap, block: Float64Array, ax: number, ay: number, bx: number, by: number) => void;

/** Tells every edge of the rings that lies within a distance of a block, with the gap between the two. */
export function nearestGaps(
  rings: readonly Float64Array[],
  loops: readonly Float64Array[],
  space: FreeSpace,
  lie: Lie,
  within: number,
  isCoarse: boolean,
  found: FoundGap,
): void {
  for (const block of blocksIn(space)) {
    for (const own of rings) gapsTo(block, own, lie, within, isCoarse, found);
    if (block.mayLieInLoop) for (const own of loops) gapsTo(block, own, lie, within, isCoarse, found);
  }
}

const gap: Gap = { distance: 0, nx: 0, ny: 0 };

/** One ring against one block; without a closure for each edge, since there are some millions of them in a list. */
function gapsTo(
  { ring, coarse, minX, minY, maxX, maxY }: FlatBlock,
  own: Float64Array,
  { xMm, yMm, emMm }: Lie,
  within: number,
  isCoarse: boolean,
  found: FoundGap,
): void {
  const [left, top, right, bottom] = [minX - within, minY - within, maxX + within, maxY + within];
  const block = isCoarse ? coarse : ring;
  let ax = xMm + emMm * own[own.length - 2]!;
  let ay = yMm + emMm * own[own.length - 1]!;
  for (let i = 0; i < own.length; i += 2) {
    const [fromX, fromY] = [ax, ay];
    ax = xMm + emMm * own[i]!;
    ay = yMm + emMm * own[i + 1]!;
    if ((fromX < left && ax < left) || (fromX > right && ax > right)) continue;
    if ((fromY < top && ay < top) || (fromY > bottom && ay > bottom)) continue;
    measureGapInPlace(gap, block, fromX, fromY, ax, ay, within);
    if (gap.distance <= within) found(gap, block, fromX, fromY, ax, ay);
  }
}
