/** A length that is told on a drawing, in drawing units. */
export interface Dimension {
  readonly axis: 'level' | 'upright';
  /** Where it begins and ends along its axis. */
  readonly from: number;
  readonly to: number;
  readonly label: string;
  /** Where it may run, on the other axis, the best first. */
  readonly at: readonly number[];
}

export interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export interface PlacedDimension {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly label: string;
  /** The middle of its figure. */
  readonly labelAt: readonly [number, number];
  /** The figure runs upwards, as its line does. */
  readonly isTurned: boolean;
  /** What the figure covers. */
  readonly box: Bounds;
}

/** Height and width of a figure, as shares of its size; the face of measures is monospaced. */
const TALL = 1.05;
const WIDE = 0.62;
/** Between a line and a figure that stands beside it. */
const OFF = 0.95;

/**
 * Lays dimensions out so that no figure lies over another, on another's line, or beyond what is shown: set into its line where that
 * has room, else beside it or past one of its ends, on the first of its lines where that goes. What goes nowhere lies where it
 * covers least.
 */
export function layoutDimensions(
  dimensions: readonly Dimension[],
  textSize: number,
  view: Bounds,
): readonly PlacedDimension[] {
  const placed: PlacedDimension[] = [];
  for (const dimension of dimensions) {
    let best: { readonly one: PlacedDimension; readonly cost: number } | null = null;
    for (const one of candidates(dimension, textSize)) {
      const cost = overlap(one, placed, textSize, view);
      if (!best || cost < best.cost) best = { one, cost };
      if (cost === 0) break;
    }
    if (best) placed.push(best.one);
  }
  return placed;
}

function candidates({ axis, from, to, label, at }: Dimension, size: number): PlacedDimension[] {
  const [half, tall] = [(label.length * size * WIDE) / 2, (size * TALL) / 2];
  const middle = (from + to) / 2;
  const isRoomy = Math.abs(to - from) > 2 * (half + size * 0.35);
  const [low, high] = [Math.min(from, to), Math.max(from, to)];
  const beyond = half + size * 0.7;
  return at.flatMap((across) => {
    // Along and across the line, and whether the figure runs with it.
    const spots: [along: number, off: number, runs: boolean][] = [
      ...(isRoomy ? [[middle, 0, true] as [number, number, boolean]] : []),
      [middle, -size * OFF, true],
      [middle, size * OFF, true],
      [high + beyond, 0, true],
      [low - beyond, 0, true],
      ...(axis === 'upright'
        ? ([
            [middle, half + size * 0.5, false],
            [middle, -half - size * 0.5, false],
          ] as [number, number, boolean][])
        : []),
    ];
    return spots.map(([along, off, runs]) => {
      const isTurned = axis === 'upright' && runs;
      const [x, y] = axis === 'level' ? [along, across + off] : [across + off, along];
      const [w, h] = isTurned ? [tall, half] : [half, tall];
      const ends = (alongIt: number) =>
        axis === 'level' ? ([alongIt, across] as const) : ([across, alongIt] as const);
      return {
        from: ends(from),
        to: ends(to),
        label,
        labelAt: [x, y],
        isTurned,
        box: { left: x - w, top: y - h, right: x + w, bottom: y + h },
      };
    });
  });
}

/** How much of a figure lies over others, and how far beyond what is shown. */
function overlap(one: PlacedDimension, placed: readonly PlacedDimension[], size: number, view: Bounds): number {
  const { box } = one;
  const outside =
    Math.max(0, view.left - box.left) +
    Math.max(0, view.top - box.top) +
    Math.max(0, box.right - view.right) +
    Math.max(0, box.bottom - view.bottom);
  return placed.reduce(
    (sum, other) =>
      sum + shared(box, other.box) + shared(box, lineBox(other, size)) + shared(lineBox(one, size), other.box),
    outside * size,
  );
}

function lineBox({ from, to }: PlacedDimension, size: number): Bounds {
  const thin = size / 10;
  return {
    left: Math.min(from[0], to[0]) - thin,
    top: Math.min(from[1], to[1]) - thin,
    right: Math.max(from[0], to[0]) + thin,
    bottom: Math.max(from[1], to[1]) + thin,
  };
}

function shared(a: Bounds, b: Bounds): number {
  const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
  const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
  return across > 0 && down > 0 ? across * down : 0;
}
