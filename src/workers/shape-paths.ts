import type { DrawnShapes } from './fit-protocol';

/** Units of the paths below: a ten-thousandth of an em. */
export const PATH_UNITS_PER_EM = 10_000;

interface Slice {
  readonly text: Uint8Array;
  readonly start: number;
  readonly end: number;
}

const ascii = new TextDecoder('latin1');

/** Outlines as SVG path data, read when a tile first shows them and then remembered. */
export class ShapePaths {
  readonly #slices = new Map<number, Slice>();
  readonly #paths = new Map<number, string>();

  add({ shapeNos, text, shapeEnds }: DrawnShapes): void {
    shapeNos.forEach((no, i) => {
      this.#slices.set(no, { text, start: i === 0 ? 0 : shapeEnds[i - 1]!, end: shapeEnds[i]! });
    });
  }

  /** In path units, the whole ink's top left corner at the origin, y down; to be filled even-odd. Empty without ink. */
  pathOf(shapeNo: number): string {
    const known = this.#paths.get(shapeNo);
    if (known !== undefined) return known;
    const slice = this.#slices.get(shapeNo);
    const path = slice ? ascii.decode(slice.text.subarray(slice.start, slice.end)) : '';
    this.#paths.set(shapeNo, path);
    return path;
  }
}
