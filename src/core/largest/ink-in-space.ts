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

/** Visits every edge of the rings, in millimetres where they lie. */
export function eachEdge(
  rings: readonly Float64Array[],
  { xMm, yMm, emMm }: Lie,
  visit: (ax: number, ay: number, bx: number, by: number) => void,
): void {
  for (const ring of rings) {
    let ax = xMm + emMm * ring[ring.length - 2]!;
    let ay = yMm + emMm * ring[ring.length - 1]!;
    for (let i = 0; i < ring.length; i += 2) {
      const bx = xMm + emMm * ring[i]!;
      const by = yMm + emMm * ring[i + 1]!;
      visit(ax, ay, bx, by);
      ax = bx;
      ay = by;
    }
  }
}

/** Whether ink lies inside all walls and off every block, its true outline taken point for point. */
export function isFree(ink: InkShape, walls: readonly InkWall[], space: FreeSpace, lie: Lie): boolean {
  for (const { nx, ny, c, reachEm } of walls) {
    if (nx * lie.xMm + ny * lie.yMm + reachEm * lie.emMm > c + 1e-7) return false;
  }
  return blocksIn(space).every((block) => isOff(ink, block, lie));
}

function isOff(ink: InkShape, block: FlatBlock, lie: Lie): boolean {
  const { ring, minX, minY, maxX, maxY } = block;
  const edges = block.mayLieInLoop ? [ink.rings, ink.loops] : [ink.rings];
  let isClear = true;
  for (const rings of edges) {
    eachEdge(rings, lie, (ax, ay, bx, by) => {
      if (!isClear) return;
      if (Math.max(ax, bx) < minX || Math.min(ax, bx) > maxX || Math.max(ay, by) < minY || Math.min(ay, by) > maxY)
        return;
      for (let i = 0, j = ring.length - 2; i < ring.length && isClear; j = i, i += 2) {
        if (segmentsMeet(ax, ay, bx, by, ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!)) isClear = false;
      }
      if (isClear && ring.length > 4 && isPointInRing(ax, ay, ring)) isClear = false;
    });
  }
  if (!isClear) return false;
  // A block that no edge meets may still lie wholly under a letter, or in its loop.
  const x = (ring[0]! - lie.xMm) / lie.emMm;
  const y = (ring[1]! - lie.yMm) / lie.emMm;
  const isUnder = ink.rings.some((own) => isPointInRing(x, y, own));
  return !isUnder || (block.mayLieInLoop && ink.loops.some((own) => isPointInRing(x, y, own)));
}

/** Tells every edge of the rings that lies within a distance of a block, with the gap between the two. */
export function nearestGaps(
  rings: readonly Float64Array[],
  loops: readonly Float64Array[],
  space: FreeSpace,
  lie: Lie,
  within: number,
  isCoarse: boolean,
  found: (gap: Gap, block: Float64Array, ax: number, ay: number, bx: number, by: number) => void,
): void {
  const gap: Gap = { distance: 0, nx: 0, ny: 0 };
  for (const { ring, coarse, mayLieInLoop, minX, minY, maxX, maxY } of blocksIn(space)) {
    const [left, top, right, bottom] = [minX - within, minY - within, maxX + within, maxY + within];
    const block = isCoarse ? coarse : ring;
    const visit = (ax: number, ay: number, bx: number, by: number) => {
      if ((ax < left && bx < left) || (ax > right && bx > right)) return;
      if ((ay < top && by < top) || (ay > bottom && by > bottom)) return;
      measureGapInPlace(gap, block, ax, ay, bx, by);
      if (gap.distance <= within) found(gap, block, ax, ay, bx, by);
    };
    eachEdge(rings, lie, visit);
    if (mayLieInLoop) eachEdge(loops, lie, visit);
  }
}
