import {
  type Box,
  EMPTY_OUTLINE,
  type Outline,
  type Ring,
  boxOfRings,
  boxesTouch,
  flattenCubic,
  growOutline,
  joinOutlines,
  joinRings,
  outlineArea,
  outlineRings,
  strokeRings,
  takeOut,
} from '../geometry';
import { type Matrix, mapPoint, scaleOf, through } from './matrix';
import type { Stretch } from './svg-shapes';
import type { Painted, Stroke } from './walk-svg';

/** A colour's outline as it is seen: without what lies over it. */
export interface Coloured {
  readonly hex: string;
  readonly outline: Outline;
}

/** Chords may stray so far from their curve: a tenth of a millimetre in a motif of a third of a metre. */
export const TOLERANCE = 300;
const LEAST_AREA = (2 * TOLERANCE) ** 2;

/** Shapes are as tall as this all together, in whole numbers, whatever they were drawn in. */
export const HEIGHT = 1_000_000;

/** What is narrower than this between two colours is a slip of the drawing, not a shape. */
const SLIVER_AREA = LEAST_AREA * 4;

/** Fills and lines of a drawing, by colour: the order in which the colours come is that of their lowest shape. */
export function paintShapes(painted: readonly Painted[]): readonly Coloured[] {
  const toFrame = frameOf(painted);
  if (!toFrame) return [];
  const shapes = painted.flatMap((one) => shapesOf(one, toFrame)).filter(({ outline }) => outline.islands.length > 0);
  return seen(merged(shapes));
}

/** Neighbours of one colour are one shape. */
function merged(shapes: readonly Coloured[]): readonly Coloured[] {
  const runs: { hex: string; outlines: Outline[] }[] = [];
  for (const { hex, outline } of shapes) {
    if (runs.at(-1)?.hex === hex) runs.at(-1)!.outlines.push(outline);
    else runs.push({ hex, outlines: [outline] });
  }
  return runs.map(({ hex, outlines }) => ({ hex, outline: joinOutlines(outlines, LEAST_AREA) }));
}

/** Each without what lies over it; whatever lies elsewhere is not even looked at. */
function seen(shapes: readonly Coloured[]): readonly Coloured[] {
  const byColour = new Map<string, Outline[]>(shapes.map(({ hex }) => [hex, []]));
  const above: { readonly outline: Outline; readonly box: Box }[] = [];
  for (const { hex, outline } of [...shapes].reverse()) {
    const box = boxOfRings(outlineRings(outline));
    if (!box) continue;
    const over = above.filter((one) => boxesTouch(one.box, box)).flatMap((one) => one.outline.islands);
    const left = takeOut(outline, { islands: over }, SLIVER_AREA);
    byColour.get(hex)!.push(isHidden(outline, left) ? left : outline);
    above.push({ outline, box });
  }
  return [...byColour]
    .map(([hex, outlines]) => ({ hex, outline: joinOutlines(outlines, LEAST_AREA) }))
    .filter(({ outline }) => outlineArea(outline) > 0);
}

/** Colours that only touch stay as they were drawn, to the last point, also where their edges cross by a hair. */
function isHidden(outline: Outline, left: Outline): boolean {
  if (left === outline || outlineArea(outline) - outlineArea(left) < SLIVER_AREA) return false;
  const gone = takeOut(outline, left, SLIVER_AREA);
  return growOutline(gone, { distance: -TOLERANCE, tolerance: TOLERANCE / 2, leastArea: 0 }).islands.length > 0;
}

/** From the drawing's space into one in which all of it is as tall as it should be; null where it has no height and no width. */
function frameOf(painted: readonly Painted[]): Matrix | null {
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { stretches, matrix, stroke } of painted) {
    const beyond = stroke ? (stroke.width / 2) * scaleOf(matrix) : 0;
    for (const { start, segments } of stretches) {
      for (const points of [start, ...segments]) {
        for (let i = 0; i < points.length; i += 2) {
          const [x, y] = mapPoint(matrix, points[i]!, points[i + 1]!);
          minX = Math.min(minX, x - beyond);
          minY = Math.min(minY, y - beyond);
          maxX = Math.max(maxX, x + beyond);
          maxY = Math.max(maxY, y + beyond);
        }
      }
    }
  }
  const side = Math.max(maxY - minY, (maxX - minX) / MOST_WIDER);
  if (!(side > 0)) return null;
  const scale = HEIGHT / side;
  return [scale, 0, 0, scale, -minX * scale, -minY * scale];
}

/** A drawing that is wider than so many of its heights is measured by its width. */
const MOST_WIDER = 10;

function shapesOf({ stretches, matrix, fill, stroke }: Painted, toFrame: Matrix): Coloured[] {
  const whole = through(toFrame, matrix);
  const shapes: Coloured[] = [];
  if (fill) {
    const rings = stretches.map((stretch) => flattened(stretch, whole)).filter((ring) => ring.length >= 6);
    shapes.push({ hex: fill.hex, outline: joinRings(rings, LEAST_AREA, fill.isEvenOdd ? 'evenodd' : 'nonzero') });
  }
  if (stroke) shapes.push({ hex: stroke.hex, outline: stroked(stretches, stroke, whole) });
  return shapes;
}

/** Chords of a stretch in whole units of the frame. */
function flattened({ start, segments }: Stretch, whole: Matrix): Ring {
  const [x0, y0] = mapPoint(whole, ...start);
  const points: number[] = [x0, y0];
  for (const segment of segments) {
    const [fromX, fromY] = [points.at(-2)!, points.at(-1)!];
    const mapped = mappedPairs(segment, whole);
    if (mapped.length === 6) {
      const [a, b, c, d, e, f] = mapped as [number, number, number, number, number, number];
      flattenCubic(points, [fromX, fromY, a, b, c, d, e, f], TOLERANCE);
    } else points.push(...mapped);
  }
  return Int32Array.from(points, Math.round);
}

function mappedPairs(numbers: readonly number[], matrix: Matrix): number[] {
  const mapped: number[] = [];
  for (let i = 0; i < numbers.length; i += 2) mapped.push(...mapPoint(matrix, numbers[i]!, numbers[i + 1]!));
  return mapped;
}

/** A line is drawn in its shape's own space, where it is as wide everywhere, and only then moved and squeezed with it. */
function stroked(stretches: readonly Stretch[], { width, join, cap, miterLimit }: Stroke, whole: Matrix): Outline {
  const scale = scaleOf(whole);
  if (!(scale > 0)) return EMPTY_OUTLINE;
  const own: Matrix = [scale, 0, 0, scale, 0, 0];
  const back = through(whole, [1 / scale, 0, 0, 1 / scale, 0, 0]);
  const style = { width: width * scale, join, cap, miterLimit, tolerance: TOLERANCE / 2 };
  const rings = [true, false].flatMap((isClosed) => {
    const paths = stretches
      .filter((stretch) => stretch.isClosed === isClosed && stretch.segments.length > 0)
      .map((stretch) => flattened(stretch, own));
    return paths.length === 0 ? [] : strokeRings(paths, isClosed, style);
  });
  const moved = rings.map((ring) => Int32Array.from(mappedPairs([...ring], back), Math.round));
  // Squeezed to the other side every ring runs the other way round, together: what they wind round is the same.
  return joinRings(moved, LEAST_AREA);
}

/** The corner and the sides of everything that is drawn. */
export function boxOfColours(colours: readonly Coloured[]) {
  return boxOfRings(colours.flatMap(({ outline }) => [...outlineRings(outline)]));
}
