import type { Outline } from '@/core/geometry';

/** A ring of corners in millimetres. */
type Corners = readonly (readonly [number, number])[];

/**
 * A search for the largest fit by brute force, of a kind of its own: place and ink as pixels, every spot tried, sizes halved.
 * Nothing of it is shared with the core. A pixel counts by its middle, so that a size is known to a pixel on either side.
 */
export class DenseSearch {
  readonly #columns: number;
  readonly #rows: number;
  /** Taken pixels to the left, by row. */
  readonly #taken: Int32Array;

  constructor(
    outline: Corners,
    clear: readonly Corners[],
    readonly pixelMm: number,
  ) {
    const width = Math.max(...outline.map(([x]) => x));
    const height = Math.max(...outline.map(([, y]) => y));
    this.#columns = Math.ceil(width / pixelMm);
    this.#rows = Math.ceil(height / pixelMm);
    this.#taken = new Int32Array((this.#columns + 1) * this.#rows);
    for (let row = 0; row < this.#rows; row++) {
      const y = (row + 0.5) * pixelMm;
      const inside = spansAt([outline], y);
      const zones = clear.map((zone) => spansAt([zone], y));
      for (let column = 0; column < this.#columns; column++) {
        const x = (column + 0.5) * pixelMm;
        const isFree = isIn(inside, x) && !zones.some((spans) => isIn(spans, x));
        const at = row * (this.#columns + 1) + column;
        this.#taken[at + 1] = this.#taken[at]! + (isFree ? 0 : 1);
      }
    }
  }

  /** Whether ink of this size (units of the outline to the millimetre) lies free anywhere. Holes count as ink. */
  holds(ink: Outline, mmPerUnit: number): boolean {
    const rings = ink.islands.map(({ outer }) =>
      Array.from(
        { length: outer.length / 2 },
        (_, i) => [outer[2 * i]! * mmPerUnit, outer[2 * i + 1]! * mmPerUnit] as const,
      ),
    );
    const xs = rings.flat().map(([x]) => x);
    const ys = rings.flat().map(([, y]) => y);
    const [left, top] = [Math.min(...xs), Math.min(...ys)];
    const numRows = Math.max(1, Math.round((Math.max(...ys) - top) / this.pixelMm));
    const numColumns = Math.round((Math.max(...xs) - left) / this.pixelMm);
    const runs = Array.from({ length: numRows }, (_, row) =>
      rings
        .flatMap((ring) => spansAt([ring], top + (row + 0.5) * this.pixelMm))
        .map(([from, to]) => ({
          row,
          // Pixels whose middle lies in the ink.
          from: Math.ceil((from - left) / this.pixelMm - 0.5),
          to: Math.floor((to - left) / this.pixelMm - 0.5) + 1,
        })),
    )
      .flat()
      .filter(({ from, to }) => to > from)
      .sort((a, b) => b.to - b.from - (a.to - a.from));
    let last = runs[0];
    const stride = this.#columns + 1;
    const isTaken = (run: { row: number; from: number; to: number }, row: number, column: number) => {
      const at = (row + run.row) * stride + column;
      return this.#taken[at + run.to]! > this.#taken[at + run.from]!;
    };
    for (let row = 0; row + numRows <= this.#rows; row++) {
      for (let column = 0; column + numColumns <= this.#columns; column++) {
        if (last && isTaken(last, row, column)) continue;
        const hit = runs.find((run) => isTaken(run, row, column));
        if (!hit) return true;
        last = hit;
      }
    }
    return false;
  }

  /** The largest size between two, by halving; sizes below one that fits are taken to fit. */
  largest(ink: Outline, low: number, high: number): number {
    for (let i = 0; i < 9; i++) {
      const middle = (low + high) / 2;
      // A gap that a seam fits into by the luck of its pixels does so at one size and not at the next.
      if (this.holds(ink, middle) && this.holds(ink, middle * 0.995)) low = middle;
      else high = middle;
    }
    return low;
  }
}

function spansAt(rings: readonly Corners[], y: number): [number, number][] {
  const crossings: number[] = [];
  for (const ring of rings) {
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length]!;
      if (ay > y !== by > y) crossings.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
    });
  }
  crossings.sort((a, b) => a - b);
  return crossings.flatMap((from, i): [number, number][] => (i % 2 === 0 ? [[from, crossings[i + 1]!]] : []));
}

function isIn(spans: readonly [number, number][], x: number): boolean {
  return spans.some(([from, to]) => x >= from && x <= to);
}
