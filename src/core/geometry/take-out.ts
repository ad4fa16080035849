import { clipper } from './clipper';
import { enginePaths, islandsOf, throughEngine } from './engine-paths';
import { joinRings } from './join-rings';
import { type Outline, type Ring, outlineRings } from './outline';

/** What is left of an outline where another one is taken out of it. Rings of an area under `leastArea` are crumbs, and dropped. */
export function takeOut(from: Outline, what: Outline, leastArea: number): Outline {
  if (from.islands.length === 0 || what.islands.length === 0) return from;
  const clips = enginePaths(outlineRings(what));
  const left = throughEngine(outlineRings(from), (subject) =>
    clipper.DifferenceD(subject, clips, clipper.FillRule.NonZero, WHOLE_UNITS),
  );
  clips.delete();
  return islandsOf(left, leastArea);
}

/** An outline with points left out that lie no farther than `tolerance` off what is left. */
export function thinned(outline: Outline, tolerance: number, leastArea: number): Outline {
  const rings = throughEngine(outlineRings(outline), (subject) => clipper.SimplifyPathsD(subject, tolerance, true));
  return joinRings(rings, leastArea);
}

/** Rings with points left out that lie no farther than `tolerance` off what is left; each reaches just as far as before. */
export function thinnedRings(rings: readonly Ring[], tolerance: number): Ring[] {
  const parts = rings.map(betweenExtremes);
  // The ends of a line are kept.
  const left = throughEngine(parts.flat(), (subject) => clipper.SimplifyPathsD(subject, tolerance, false));
  let at = 0;
  return parts.map(({ length }) => {
    const lines = left.slice(at, (at += length));
    return Int32Array.from(lines.flatMap((line) => [...line.subarray(0, -2)]));
  });
}

/** A ring as lines from one of its outermost points to the next. */
function betweenExtremes(ring: Ring): Int32Array[] {
  const outermost = [...new Set([0, 1].flatMap((axis) => [farthestIn(ring, axis, 1), farthestIn(ring, axis, -1)]))];
  outermost.sort((a, b) => a - b);
  return outermost.map((from, i) => {
    const to = outermost[i + 1];
    if (to !== undefined) return Int32Array.from(ring.subarray(from, to + 2));
    return Int32Array.from([...ring.subarray(from), ...ring.subarray(0, outermost[0]! + 2)]);
  });
}

/** Where in the ring the point stands that is farthest along an axis, or against it. */
function farthestIn(ring: Ring, axis: number, way: 1 | -1): number {
  let at = 0;
  for (let k = 2; k < ring.length; k += 2) if (way * ring[k + axis]! > way * ring[at + axis]!) at = k;
  return at;
}

const WHOLE_UNITS = 0;
