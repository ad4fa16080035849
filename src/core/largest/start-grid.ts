import { isPointInRing } from '../geometry';
import type { FreeSpace } from '../place';
import type { InkShape } from './ink-shape';

/** A place in small squares; a square counts by its middle. */
interface Grid {
  readonly cellMm: number;
  readonly columns: number;
  readonly rows: number;
  /** Taken squares above and to the left, one more column and row than the grid has. */
  readonly sums: Int32Array;
}

const ACROSS_SHORTER = 80;
const MOST_CELLS = 40_000;

const grids = new WeakMap<FreeSpace, Grid>();

/** Where the top left corner of an ink's box may lie. */
export interface GridSpot {
  readonly xMm: number;
  readonly yMm: number;
}

function gridOf(space: FreeSpace): Grid {
  const found = grids.get(space);
  if (found) return found;
  const grid = computed(space);
  grids.set(space, grid);
  return grid;
}

function computed({ widthMm, heightMm, outline, clear, walls }: FreeSpace): Grid {
  const cellMm = Math.max(Math.min(widthMm, heightMm) / ACROSS_SHORTER, Math.sqrt((widthMm * heightMm) / MOST_CELLS));
  const columns = Math.ceil(widthMm / cellMm);
  const rows = Math.ceil(heightMm / cellMm);
  const taken = new Uint8Array(columns * rows);
  const flat = (ring: readonly (readonly [number, number])[]) => Float64Array.from(ring.flat());
  const [ring, zones] = [flat(outline), clear.map(flat)];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const x = (column + 0.5) * cellMm;
      const y = (row + 0.5) * cellMm;
      const isFree =
        walls.every(({ nx, ny, c }) => nx * x + ny * y <= c) &&
        isPointInRing(x, y, ring) &&
        !zones.some((zone) => isPointInRing(x, y, zone));
      if (!isFree) taken[row * columns + column] = 1;
    }
  }
  const sums = new Int32Array((columns + 1) * (rows + 1));
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      sums[(row + 1) * (columns + 1) + column + 1] =
        taken[row * columns + column]! +
        sums[row * (columns + 1) + column + 1]! +
        sums[(row + 1) * (columns + 1) + column]! -
        sums[row * (columns + 1) + column]!;
    }
  }
  return { cellMm, columns, rows, sums };
}

/** Only spots whose x, or whose y, lies from here to there, in millimetres. */
interface Within {
  readonly x?: readonly [number, number];
  readonly y?: readonly [number, number];
}

/**
 * Spots on the grid at which ink of this size lies on free squares, row by row. Ink is rounded to the nearest square, so that a
 * spot may be wrong by half of one.
 */
export function freeSpots(
  ink: InkShape,
  space: FreeSpace,
  emMm: number,
  { x = EVERYWHERE, y = EVERYWHERE }: Within = {},
): GridSpot[] {
  const { cellMm, columns, rows, sums } = gridOf(space);
  const stride = columns + 1;
  const perCell = emMm / cellMm;
  const boxes: number[] = [];
  const hasLoops = space.blocks.some(({ zone }) => zone?.mayLieInLoop);
  for (const { minX, minY, maxX, maxY } of hasLoops ? ink.openRows : ink.rows) {
    const [left, right] = [Math.round(minX * perCell), Math.round(maxX * perCell)];
    const [top, bottom] = [Math.round(minY * perCell), Math.round(maxY * perCell)];
    if (right > left && bottom > top)
      boxes.push(top * stride + left, top * stride + right, bottom * stride + left, bottom * stride + right);
  }
  const across = Math.round(ink.widthEm * perCell);
  const down = Math.round(ink.heightEm * perCell);
  const spots: GridSpot[] = [];
  let failed = 0;
  const [firstRow, lastRow] = [Math.max(0, Math.ceil(y[0] / cellMm)), Math.min(rows - down, Math.floor(y[1] / cellMm))];
  const [first, last] = [Math.max(0, Math.ceil(x[0] / cellMm)), Math.min(columns - across, Math.floor(x[1] / cellMm))];
  for (let row = firstRow; row <= lastRow; row++) {
    for (let column = first; column <= last; column++) {
      const at = row * stride + column;
      if (isTaken(sums, boxes, failed, at)) continue;
      let k = 0;
      while (k < boxes.length && !isTaken(sums, boxes, k, at)) k += 4;
      // What failed last fails most likely at the next spot too.
      if (k < boxes.length) {
        failed = k;
      } else {
        spots.push({ xMm: column * cellMm, yMm: row * cellMm });
      }
    }
  }
  return spots;
}

const EVERYWHERE = [-Infinity, Infinity] as const;

function isTaken(sums: Int32Array, boxes: readonly number[], k: number, at: number): boolean {
  if (k >= boxes.length) return false;
  return sums[at + boxes[k + 3]!]! - sums[at + boxes[k + 2]!]! - sums[at + boxes[k + 1]!]! + sums[at + boxes[k]!]! > 0;
}

export function cellOf(space: FreeSpace): number {
  return gridOf(space).cellMm;
}

/** Spots by cluster, each from its middle outward. */
export function clusters(spots: readonly GridSpot[], apartMm: number): GridSpot[][] {
  const found: GridSpot[][] = [];
  for (const spot of spots) {
    const home = found.find(([first]) => Math.hypot(first!.xMm - spot.xMm, first!.yMm - spot.yMm) <= apartMm);
    if (home) home.push(spot);
    else found.push([spot]);
  }
  return found.map((own) => {
    const x = own.reduce((sum, { xMm }) => sum + xMm, 0) / own.length;
    const y = own.reduce((sum, { yMm }) => sum + yMm, 0) / own.length;
    const off = ({ xMm, yMm }: GridSpot) => Math.hypot(xMm - x, yMm - y);
    return own.sort((a, b) => off(a) - off(b));
  });
}
