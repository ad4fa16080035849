import { clipper } from './clipper';
import { islandsOf, throughEngine } from './engine-paths';
import type { Outline, Ring } from './outline';

/**
 * Joins overlapping rings into islands with holes by the nonzero rule (what any ring winds round is material).
 *
 * Rings come as integers; outer rings of letters must all run the same way round. Rings whose area is under `leastArea`
 * are crumbs of rounding and are dropped. The result's outer rings have positive area, its holes negative. An empty
 * outline when nothing is left.
 */
export function joinRings(rings: Iterable<Ring>, leastArea: number): Outline {
  return islandsOf(
    throughEngine(rings, (subject) => clipper.UnionSelfD(subject, clipper.FillRule.NonZero, 0)),
    leastArea,
  );
}
