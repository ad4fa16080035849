import type { DrawnShapes } from './fit-protocol';

/** Units of the paths below: a thousandth of an em. */
export const PATH_UNITS_PER_EM = 1000;
const POINTS_TO_PATH = PATH_UNITS_PER_EM / 1_000_000;

/** A screen shows no more than this: points nearer to the last one are left out of a preview (never out of a cut). */
const THINNED_TO = 1.5;

interface Slice {
  readonly drawn: DrawnShapes;
  readonly firstRing: number;
  readonly endRing: number;
}

/** Outlines as SVG path data, made when a tile first shows them and then remembered. */
export class ShapePaths {
  readonly #slices = new Map<number, Slice>();
  readonly #paths = new Map<number, string>();

  add(drawn: DrawnShapes): void {
    drawn.shapeNos.forEach((no, i) => {
      const firstRing = i === 0 ? 0 : drawn.shapeEnds[i - 1]!;
      this.#slices.set(no, { drawn, firstRing, endRing: drawn.shapeEnds[i]! });
    });
  }

  /** Thousandths of an em, the whole ink's top left corner at the origin, y down; to be filled even-odd. Empty without ink. */
  pathOf(shapeNo: number): string {
    const known = this.#paths.get(shapeNo);
    if (known !== undefined) return known;
    const slice = this.#slices.get(shapeNo);
    const path = slice ? pathOfSlice(slice) : '';
    this.#paths.set(shapeNo, path);
    return path;
  }
}

function pathOfSlice({ drawn: { points, ringEnds }, firstRing, endRing }: Slice): string {
  let path = '';
  for (let ring = firstRing; ring < endRing; ring++) {
    path += ringPath(points, ring === 0 ? 0 : ringEnds[ring - 1]!, ringEnds[ring]!);
  }
  return path;
}

function ringPath(points: Int32Array, start: number, end: number): string {
  let path = '';
  let lastX = Infinity;
  let lastY = Infinity;
  for (let i = start; i < end; i += 2) {
    const x = points[i]! * POINTS_TO_PATH;
    const y = points[i + 1]! * POINTS_TO_PATH;
    if (Math.abs(x - lastX) < THINNED_TO && Math.abs(y - lastY) < THINNED_TO) continue;
    path += `${path === '' ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
    lastX = x;
    lastY = y;
  }
  return `${path}Z`;
}
