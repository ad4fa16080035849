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
  return joinRings(thinnedRings(outlineRings(outline), tolerance), leastArea);
}

/** The same for rings by themselves: where only the eye is to be content, nobody asks which hole is in which island. */
export function thinnedRings(rings: Iterable<Ring>, tolerance: number): Ring[] {
  return throughEngine(rings, (subject) => clipper.SimplifyPathsD(subject, tolerance, true));
}

const WHOLE_UNITS = 0;
