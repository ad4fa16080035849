import type { PackBox } from './niche-layout';

/** Boxes by their size: those of one size are one offer. The larger first. */
export interface BoxSizes {
  readonly width: Int32Array;
  readonly height: Int32Array;
  /** 2 where turned is another way to lie, else 1. */
  readonly numWays: Uint8Array;
  readonly count: Uint16Array;
  /** By size: the boxes' indices. */
  readonly boxes: readonly (readonly number[])[];
  /** The shortest side of those that wait still; infinite when none does. */
  readonly leastSide: (waiting: Uint16Array) => number;
}

export function sizesOf(boxes: readonly PackBox[], mayTurn: boolean): BoxSizes {
  const byKey = new Map<string, { width: number; height: number; indices: number[] }>();
  boxes.forEach((box, index) => {
    const isOther = mayTurn && box.width < box.height;
    const [width, height] = isOther ? [box.height, box.width] : [box.width, box.height];
    const size = byKey.get(`${width} ${height}`) ?? { width, height, indices: [] };
    size.indices.push(index);
    byKey.set(`${width} ${height}`, size);
  });
  const sizes = [...byKey.values()].sort((a, b) => b.width * b.height - a.width * a.height || b.width - a.width);
  const side = sizes.map(({ width, height }) => (mayTurn ? Math.min(width, height) : width));
  const bySide = side.map((_, size) => size).sort((a, b) => side[a]! - side[b]!);
  return {
    width: Int32Array.from(sizes, ({ width }) => width),
    height: Int32Array.from(sizes, ({ height }) => height),
    numWays: Uint8Array.from(sizes, ({ width, height }) => (mayTurn && width !== height ? 2 : 1)),
    count: Uint16Array.from(sizes, ({ indices }) => indices.length),
    boxes: sizes.map(({ indices }) => indices),
    leastSide: (waiting) => side[bySide.find((size) => waiting[size]! > 0) ?? -1] ?? Infinity,
  };
}
