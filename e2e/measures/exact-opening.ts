import { type Outline, type Ring, boxOfRings, outlineRings, ringArea } from '@/core/geometry';
import { clipper } from '@/core/geometry/clipper';

/** A run of the edge that a closing by a disc of one width fills. */
export interface FilledRun {
  /** Its length over the width that is asked about, by caliper. */
  readonly widthsLong: number;
  /** How much of it is narrower than three quarters of the width; nought unless it goes round the only end of what is filled. */
  readonly closing: number;
  /** Where it begins, goes and ends. */
  readonly points: readonly Point[];
}

/** The outline's own edge is not filled where the two offsets miss it by less than this share of the width. */
const SLACK = 3e-4;

/** Points along the edge to the shortest run that counts. */
const POINTS = 50;

/** Where a run begins and ends is halved between two points. */
const NUM_HALVINGS = 5;

/** As in the definition: a part is there still when it is asked about this much wider. */
const STAYS_PARTED = 1.06;

/** As in the definition: this much narrower than what is asked about is narrow. */
const NARROW_SHARE = 0.75;

/**
 * The definition of narrow gaps by exact offsets of the whole outline and nothing else: which runs of its edge are filled, and whether
 * every hole stays in one part. Slow; shares nothing with the local discs that it is held against. Runs shorter than `shortest`
 * are left out.
 */
export function closingOf(
  outline: Outline,
  width: number,
  shortest: number,
): { readonly runs: readonly FilledRun[]; readonly isParted: boolean } {
  const rings = [...outlineRings(outline)];
  const filled = closedBy(rings, width);
  const isFilled = insideOf(filled);
  const isParted = rings.some(
    (ring) =>
      ringArea(ring) < 0 &&
      [width, STAYS_PARTED * width].every((one) => opened(turnedRound(ring), one).filter(isOuter).length > 1),
  );
  const all = rings.flatMap((ring) => filledRuns(ring, shortest / POINTS, isFilled));
  const long = all.filter((run) => caliper(run) > shortest);
  if (long.length === 0) return { runs: [], isParted };
  const patches = difference(filled, rings).filter(isOuter);
  const patchOf = all.map((run) => nearest(patches, run[run.length >> 1]!));
  const isNarrow = insideOf(closedBy(rings, NARROW_SHARE * width));
  const runs = long.map((run) => {
    const own = patchOf[all.indexOf(run)];
    const isOneEnded = patchOf.filter((patch) => patch === own).length === 1;
    const closing = isOneEnded ? lengthOf(run, (point) => isNarrow(...point)) / lengthOf(run, () => true) : 0;
    return { widthsLong: caliper(run) / width, closing, points: run };
  });
  return { runs, isParted };
}

export type Point = readonly [number, number];

const isOuter = (ring: Ring) => ringArea(ring) > 0;

function closedBy(rings: readonly Ring[], width: number): Ring[] {
  return offset(offset(offset(rings, width / 2, width), -width / 2, width), -SLACK * width, width);
}

function opened(ring: Ring, width: number): Ring[] {
  return offset(offset([ring], -width / 2, width), (1 - SLACK) * (width / 2), width);
}

function turnedRound(ring: Ring): Ring {
  const turned = ring.slice();
  for (let i = 0; i < ring.length; i += 2) {
    turned[i] = ring[ring.length - 2 - i]!;
    turned[i + 1] = ring[ring.length - 1 - i]!;
  }
  return turned;
}

function pathsOf(rings: readonly Ring[]) {
  const paths = new clipper.PathsD();
  const path = new clipper.PathD();
  for (const ring of rings) {
    const triples = new Float64Array((ring.length / 2) * 3);
    for (let i = 0, k = 0; i < ring.length; i += 2, k += 3) {
      triples[k] = ring[i]!;
      triples[k + 1] = ring[i + 1]!;
    }
    path.assign(triples);
    paths.push_back(path);
  }
  path.delete();
  return paths;
}

type Paths = ReturnType<typeof pathsOf>;

function ringsOf(paths: Paths): Ring[] {
  const rings: Ring[] = [];
  for (let i = 0; i < paths.size(); i++) {
    const path = paths.get(i);
    const triples = path.view();
    const ring = new Float64Array((triples.length / 3) * 2);
    for (let j = 0, k = 0; k < triples.length; j += 2, k += 3) {
      ring[j] = triples[k]!;
      ring[j + 1] = triples[k + 1]!;
    }
    // Not whole numbers here: an offset that is rounded fills what it should not.
    rings.push(ring as unknown as Ring);
    path.delete();
  }
  paths.delete();
  return rings;
}

function offset(rings: readonly Ring[], by: number, width: number): Ring[] {
  const paths = pathsOf(rings);
  const { Round } = clipper.JoinType;
  const grown = clipper.InflatePathsD(paths, by, Round, clipper.EndType.Polygon, 2, 2, width * SLACK * 0.2);
  paths.delete();
  return ringsOf(grown);
}

function difference(rings: readonly Ring[], without: readonly Ring[]): Ring[] {
  const [subject, clip] = [pathsOf(rings), pathsOf(without)];
  const left = clipper.DifferenceD(subject, clip, clipper.FillRule.NonZero, 2);
  subject.delete();
  clip.delete();
  return ringsOf(left);
}

const BANDS = 400;

/** Whether a point lies in the rings, by how often they wind round it. */
function insideOf(rings: readonly Ring[]): (x: number, y: number) => boolean {
  const box = boxOfRings(rings);
  if (!box) return () => false;
  const height = (box.maxY - box.minY) / BANDS || 1;
  const bands: number[][] = Array.from({ length: BANDS + 1 }, () => []);
  const bandOf = (y: number) => Math.min(BANDS, Math.max(0, Math.floor((y - box.minY) / height)));
  for (const ring of rings) {
    for (const [x0, y0, x1, y1] of edgesOf(ring)) {
      if (y0 === y1) continue;
      for (let band = bandOf(Math.min(y0, y1)); band <= bandOf(Math.max(y0, y1)); band++) {
        bands[band]!.push(x0, y0, x1, y1);
      }
    }
  }
  return (x, y) => {
    if (y < box.minY || y > box.maxY) return false;
    const edges = bands[bandOf(y)]!;
    let winding = 0;
    for (let k = 0; k < edges.length; k += 4) {
      const [x0, y0, x1, y1] = [edges[k]!, edges[k + 1]!, edges[k + 2]!, edges[k + 3]!];
      if (y0 <= y === y1 <= y) continue;
      if (x0 + ((y - y0) * (x1 - x0)) / (y1 - y0) > x) winding += y1 > y0 ? 1 : -1;
    }
    return winding !== 0;
  };
}

function* edgesOf(ring: Ring): Generator<readonly [number, number, number, number]> {
  for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
    yield [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
  }
}

/** Points of one ring that are filled, in runs; each begins and ends where the filling does. */
function filledRuns(ring: Ring, step: number, isFilled: (x: number, y: number) => boolean): Point[][] {
  const points: { readonly at: Point; readonly filled: boolean }[] = [];
  for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
    const [x0, y0, x1, y1] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
    const num = Math.max(1, Math.ceil(Math.hypot(x1 - x0, y1 - y0) / step));
    for (let k = 1; k <= num; k++) {
      const at = [x0 + ((x1 - x0) * k) / num, y0 + ((y1 - y0) * k) / num] as const;
      points.push({ at, filled: isFilled(...at) });
    }
  }
  const start = points.findIndex(({ filled }) => !filled);
  if (start < 0) return [points.map(({ at }) => at)];
  const runs: Point[][] = [];
  let run: Point[] | null = null;
  let before = points[start]!;
  for (let k = 1; k <= points.length; k++) {
    const point = points[(start + k) % points.length]!;
    if (point.filled && !run) run = [border(before.at, point.at, isFilled)];
    if (point.filled) run?.push(point.at);
    else if (run) {
      runs.push([...run, border(point.at, before.at, isFilled)]);
      run = null;
    }
    before = point;
  }
  return runs;
}

/** As far as it goes between points that are asked for; half of a step from one that is not. */
function lengthOf(run: readonly Point[], isAsked: (point: Point) => boolean): number {
  let length = 0;
  run.forEach((point, i) => {
    if (!isAsked(point)) return;
    for (const beside of [run[i - 1], run[i + 1]]) {
      if (beside) length += Math.hypot(beside[0] - point[0], beside[1] - point[1]) / 2;
    }
  });
  return length;
}

function border(clear: Point, filled: Point, isFilled: (x: number, y: number) => boolean): Point {
  for (let k = 0; k < NUM_HALVINGS; k++) {
    const middle = [(clear[0] + filled[0]) / 2, (clear[1] + filled[1]) / 2] as const;
    if (isFilled(...middle)) filled = middle;
    else clear = middle;
  }
  return filled;
}

function caliper(points: readonly Point[]): number {
  let longest = 0;
  for (let k = 0; k < 16; k++) {
    const [cos, sin] = [Math.cos((k * Math.PI) / 16), Math.sin((k * Math.PI) / 16)];
    let [least, most] = [Infinity, -Infinity];
    for (const [x, y] of points) {
      least = Math.min(least, x * cos + y * sin);
      most = Math.max(most, x * cos + y * sin);
    }
    longest = Math.max(longest, most - least);
  }
  return longest;
}

/** Which ring a point lies nearest to; -1 without any. */
function nearest(rings: readonly Ring[], [x, y]: Point): number {
  let [found, least] = [-1, Infinity];
  rings.forEach((ring, no) => {
    for (const [x0, y0, x1, y1] of edgesOf(ring)) {
      const [dx, dy] = [x1 - x0, y1 - y0];
      const share = Math.min(1, Math.max(0, ((x - x0) * dx + (y - y0) * dy) / (dx * dx + dy * dy || 1)));
      const distance = Math.hypot(x0 + share * dx - x, y0 + share * dy - y);
      if (distance < least) [found, least] = [no, distance];
    }
  });
  return found;
}
