import { FLAT_MM, type Ring, isInRing } from './shape-ring';

/** An upright rectangle in the frame of the place. */
export interface PlaceRect {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What bounds the rectangle from left and right besides the outline: the part of the blank that is seen. */
export interface AcrossWindow {
  readonly fromMm: number;
  readonly toMm: number;
}

/** Heights tried between top and bottom in the first look. */
const ROWS = 20;
/** The refinement ends when its step is finer than a ruler shows by far. */
const FINEST_STEP_MM = 0.01;

/**
 * The largest upright rectangle that lies in the outline, off every clear zone and inside the window; null when there is
 * none. For a top and a bottom the widest free gap between the edges is exact, so only those two heights are searched: a grid
 * with every corner's height on it, then ever smaller steps round the best few. It is drawn in by the flattening of curves, so
 * that it never reaches over the true edge.
 */
export function inscribedRect(outline: Ring, clear: readonly Ring[], window: AcrossWindow | null): PlaceRect | null {
  const field: Field = { outline, clear, edges: [outline, ...clear].flatMap(edgesOf), window };
  const ys = outline.map(([, y]) => y);
  const [minY, maxY] = [Math.min(...ys), Math.max(...ys)];
  const heights = heightsToTry(minY, maxY, [outline, ...clear]);
  const found: Strip[] = [];
  heights.forEach((top, i) => {
    for (const bottom of heights.slice(i + 1)) {
      const strip = widestIn(field, top, bottom);
      if (strip) found.push(strip);
    }
  });
  found.sort((a, b) => b.area - a.area);
  let best: Strip | null = null;
  for (const start of found.slice(0, 4)) {
    const refined = refine(field, start, (maxY - minY) / ROWS);
    if (!best || refined.area > best.area) best = refined;
  }
  if (!best) return null;
  const rect = {
    xMm: best.left + FLAT_MM,
    yMm: best.top + FLAT_MM,
    widthMm: best.right - best.left - 2 * FLAT_MM,
    heightMm: best.bottom - best.top - 2 * FLAT_MM,
  };
  return rect.widthMm > 0 && rect.heightMm > 0 ? rect : null;
}

/** From top to bottom; read in the innermost loop, hence no tuple. */
interface Edge {
  readonly topX: number;
  readonly topY: number;
  readonly bottomX: number;
  readonly bottomY: number;
}

interface Span {
  readonly from: number;
  readonly to: number;
}

interface Field {
  readonly outline: Ring;
  readonly clear: readonly Ring[];
  readonly edges: readonly Edge[];
  readonly window: AcrossWindow | null;
}

interface Strip {
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
  readonly area: number;
}

function edgesOf(ring: Ring): Edge[] {
  return ring.map(([x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    return y <= nextY
      ? { topX: x, topY: y, bottomX: nextX, bottomY: nextY }
      : { topX: nextX, topY: nextY, bottomX: x, bottomY: y };
  });
}

/** Evenly spread, with the corners of what is straight; of flattened curves only as many as there are rows. */
function heightsToTry(minY: number, maxY: number, rings: readonly Ring[]): number[] {
  const even = Array.from({ length: ROWS + 1 }, (_, i) => minY + ((maxY - minY) * i) / ROWS);
  const corners = rings
    .flatMap((ring) => (ring.length <= ROWS ? ring : ring.filter((_, i) => i % Math.ceil(ring.length / ROWS) === 0)))
    .map(([, y]) => y)
    .filter((y) => y >= minY && y <= maxY)
    .slice(0, 2 * ROWS);
  return [...new Set([...even, ...corners])].sort((a, b) => a - b);
}

/** The widest gap that no edge enters between two heights, and that lies inside. */
function widestIn({ outline, clear, edges, window }: Field, top: number, bottom: number): Strip | null {
  const blocked: Span[] = [];
  for (const edge of edges) {
    if (edge.bottomY <= top || edge.topY >= bottom) continue;
    const a = xAt(edge, top > edge.topY ? top : edge.topY);
    // A level edge has no height to be cut at: all of it is in the way.
    const b = edge.topY === edge.bottomY ? edge.bottomX : xAt(edge, bottom < edge.bottomY ? bottom : edge.bottomY);
    blocked.push(a < b ? { from: a, to: b } : { from: b, to: a });
  }
  blocked.sort((a, b) => a.from - b.from);
  const gaps: Span[] = [];
  const leftmost = window?.fromMm ?? -Infinity;
  const rightmost = window?.toMm ?? Infinity;
  let reach = blocked[0]?.to ?? 0;
  for (const { from, to } of blocked) {
    const left = reach > leftmost ? reach : leftmost;
    const right = from < rightmost ? from : rightmost;
    if (right > left) gaps.push({ from: left, to: right });
    if (to > reach) reach = to;
  }
  // Asking whether a gap lies inside goes round every edge, so the widest is asked first: it nearly always does.
  gaps.sort((a, b) => b.to - b.from - (a.to - a.from));
  const middle = (top + bottom) / 2;
  for (const { from: left, to: right } of gaps) {
    const x = (left + right) / 2;
    if (isInRing(outline, x, middle) && !clear.some((zone) => isInRing(zone, x, middle))) {
      return { top, bottom, left, right, area: (right - left) * (bottom - top) };
    }
  }
  return null;
}

function xAt({ topX, topY, bottomX, bottomY }: Edge, y: number): number {
  return topY === bottomY ? topX : topX + ((y - topY) / (bottomY - topY)) * (bottomX - topX);
}

function refine(field: Field, start: Strip, firstStep: number): Strip {
  let best = start;
  for (let step = firstStep / 2; step >= FINEST_STEP_MM; step /= 2) {
    for (let isBetter = true; isBetter;) {
      isBetter = false;
      for (const [top, bottom] of around(best, step)) {
        const strip = bottom > top ? widestIn(field, top, bottom) : null;
        if (strip && strip.area > best.area + 1e-9) {
          best = strip;
          isBetter = true;
        }
      }
    }
  }
  return best;
}

function around({ top, bottom }: Strip, step: number): (readonly [number, number])[] {
  const moves = [-step, 0, step];
  return moves.flatMap((a) => moves.map((b) => [top + a, bottom + b] as const));
}
