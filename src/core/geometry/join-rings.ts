import { clipper } from './clipper';
import { islandsOf, throughEngine } from './engine-paths';
import { EMPTY_OUTLINE, type Outline, type Ring, outlineRings } from './outline';

/** Whether what rings wind round is material, or what they wind round an odd number of times. */
export type FillRule = 'nonzero' | 'evenodd';

/**
 * Joins overlapping rings into islands with holes by the nonzero rule (what any ring winds round is material) or the other one.
 *
 * Rings come as integers; outer rings of letters must all run the same way round. Rings whose area is under `leastArea`
 * are crumbs of rounding and are dropped. The result's outer rings have positive area, its holes negative. An empty
 * outline when nothing is left.
 */
export function joinRings(rings: Iterable<Ring>, leastArea: number, rule: FillRule = 'nonzero'): Outline {
  const { NonZero, EvenOdd } = clipper.FillRule;
  return islandsOf(
    throughEngine(rings, (subject) => clipper.UnionSelfD(subject, rule === 'nonzero' ? NonZero : EvenOdd, 0)),
    leastArea,
  );
}

/** Outlines as one; the very same where only one has anything. Rings under `leastArea` are dropped where two meet. */
export function joinOutlines(outlines: readonly Outline[], leastArea: number): Outline {
  const [only, ...others] = outlines.filter(({ islands }) => islands.length > 0);
  if (!only || others.length === 0) return only ?? EMPTY_OUTLINE;
  return joinRings(
    [only, ...others].flatMap((outline) => [...outlineRings(outline)]),
    leastArea,
  );
}
