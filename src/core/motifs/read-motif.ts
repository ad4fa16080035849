import {
  boxHeight,
  boxWidth,
  mapOutline,
  numPoints,
  outlineArea,
  outlineToNumbers,
  thinned,
  writeOutline,
} from '../geometry';
import { type Outcome, fail, ok } from '../outcome';
import { MOST_MOTIF_PARTS, MOST_MOTIF_POINTS, MOTIF_UNITS, type Motif } from '../shop';
import { type Coloured, TOLERANCE, boxOfColours, paintShapes } from './paint-shapes';
import type { LeftOut, SvgProblem } from './svg-problem';
import { svgTree } from './svg-tree';
import { walkSvg } from './walk-svg';

export interface ReadMotif {
  readonly motif: Motif;
  /** What the drawing has beside shapes that can be cut. */
  readonly leftOut: readonly LeftOut[];
}

/**
 * A motif from the text of an SVG file. Nothing of the file comes over but geometry and colours: strokes are outlines, transforms are
 * applied, what lies over something else hides it, and each colour is one part.
 */
export function readMotif(text: string, name: string): Outcome<ReadMotif, SvgProblem> {
  const tree = svgTree(text);
  if (!tree.ok) return tree;
  const walked = walkSvg(tree.value);
  if (!walked.ok) return walked;
  const { painted, leftOut } = walked.value;
  const colours = inFrame(paintShapes(painted));
  if (colours.length === 0) return fail({ kind: 'nothingDrawn', leftOut });
  if (colours.length > MOST_MOTIF_PARTS) return fail({ kind: 'tooMany', what: 'colours', most: MOST_MOTIF_PARTS });
  const points = colours.reduce((sum, { outline }) => sum + numPoints(outline), 0);
  if (points > MOST_MOTIF_POINTS) return fail({ kind: 'tooMany', what: 'points', most: MOST_MOTIF_POINTS });
  const parts = colours.map(({ hex, outline }) => ({ hex, outline: outlineToNumbers(outline) }));
  return ok({ motif: { name, parts }, leftOut });
}

/** Points that say next to nothing are left out, and specks that nothing could be seen of. */
const THIN = TOLERANCE;
const LEAST_AREA = (4 * TOLERANCE) ** 2;

/**
 * As tall as the frame, from its corner, without what says next to nothing; again and again until nothing moves any more, so that what
 * is written and read is the same to the last point.
 */
function inFrame(colours: readonly Coloured[]): readonly Coloured[] {
  let now = fitted(colours);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = fitted(now.map(({ hex, outline }) => ({ hex, outline: thinned(outline, THIN, LEAST_AREA) })));
    if (isSame(next, now)) return now;
    now = next;
  }
  return now;
}

const MOST_ROUNDS = 12;
const MOST_WIDER = 10;

function fitted(colours: readonly Coloured[]): readonly Coloured[] {
  const drawn = colours.filter(({ outline }) => outlineArea(outline) > 0);
  const box = boxOfColours(drawn);
  if (!box) return [];
  const scale = MOTIF_UNITS / Math.max(boxHeight(box), boxWidth(box) / MOST_WIDER);
  return drawn.map(({ hex, outline }) => ({
    hex,
    outline: mapOutline(outline, scale, scale, -box.minX * scale, -box.minY * scale),
  }));
}

function isSame(some: readonly Coloured[], others: readonly Coloured[]): boolean {
  return (
    some.length === others.length &&
    some.every(({ outline }, i) => writeOutline(outline) === writeOutline(others[i]!.outline))
  );
}
