import { type MeasuredPlace, type Shape, type ShapeBox, shapeBox } from '../shop';
import { deepest } from './seen-across';
import { type Ring, crossingEdges, ringArea, shapeRing } from './shape-ring';
import { slantMm } from './unroll';

/**
 * What is wrong with the measures of a place. A *stop* leaves nothing to letter until it is mended; a *check* may be meant so.
 */
export type PlaceProblem =
  /** Edges by the number of the corner that they start at, from 1. */
  | { readonly kind: 'polygonCrosses'; readonly severity: 'stop'; readonly edges: readonly [number, number] }
  | { readonly kind: 'polygonFlat'; readonly severity: 'stop'; readonly areaMm2: number }
  | { readonly kind: 'ringCrossed'; readonly severity: 'stop'; readonly innerMm: number; readonly outerMm: number }
  | { readonly kind: 'tooDeep'; readonly severity: 'stop'; readonly depthMm: number; readonly mostMm: number }
  /** The band of round goods ends below their base. */
  | { readonly kind: 'overBase'; readonly severity: 'stop'; readonly byMm: number; readonly sideMm: number }
  | { readonly kind: 'clearSwallows'; readonly severity: 'stop'; readonly names: readonly string[] }
  | { readonly kind: 'noRoom'; readonly severity: 'stop'; readonly leastMm: number }
  | {
      readonly kind: 'overEdge';
      readonly severity: 'check';
      readonly side: 'left' | 'right' | 'top' | 'bottom';
      readonly byMm: number;
    }
  | { readonly kind: 'radiusTooLarge'; readonly severity: 'check'; readonly radiusMm: number; readonly mostMm: number };

/** A place that is smaller is a slip of the hand; a button that is kept clear may be. */
const LEAST_AREA_MM2 = 25;
const LEAST_ZONE_MM2 = 0.01;

/** What makes the outline no outline at all. */
export function shapeProblems(place: MeasuredPlace, shape: Shape, flat: ShapeBox): PlaceProblem[] {
  const { wrap, datum, outline } = place;
  const problems: PlaceProblem[] = ringProblems(shape, LEAST_AREA_MM2);
  for (const zone of place.clear) problems.push(...ringProblems(zone.shape, LEAST_ZONE_MM2));
  if (wrap?.kind === 'filled') {
    const mostMm = deepest(flat.widthMm, wrap.gussetMm);
    if (wrap.depthMm > mostMm) problems.push({ kind: 'tooDeep', severity: 'stop', depthMm: wrap.depthMm, mostMm });
  }
  if (wrap?.kind === 'round') {
    const sideMm = slantMm(wrap);
    const byMm = datum.dropMm + shapeBox(outline).heightMm - sideMm;
    if (byMm > 0.05) problems.push({ kind: 'overBase', severity: 'stop', byMm, sideMm });
  }
  return problems;
}

function ringProblems(shape: Shape, leastMm2: number): PlaceProblem[] {
  if (shape.kind === 'ringPart' && shape.innerRadiusMm >= shape.outerRadiusMm) {
    return [{ kind: 'ringCrossed', severity: 'stop', innerMm: shape.innerRadiusMm, outerMm: shape.outerRadiusMm }];
  }
  if (shape.kind !== 'polygon') return [];
  const ring: Ring = shapeRing(shape);
  const edges = crossingEdges(ring);
  if (edges) return [{ kind: 'polygonCrosses', severity: 'stop', edges }];
  const areaMm2 = ringArea(ring);
  return areaMm2 < leastMm2 ? [{ kind: 'polygonFlat', severity: 'stop', areaMm2 }] : [];
}

interface OnBody {
  readonly box: ShapeBox;
  readonly body: ShapeBox;
  readonly leftMm: number;
  readonly topMm: number;
}

/** A tenth of a millimetre over the edge is what rounding leaves. */
const OVER_MM = 0.1;

/** What would be odd on this blank, and may be meant so. */
export function bodyProblems({ outline, wrap }: MeasuredPlace, { box, body, leftMm, topMm }: OnBody): PlaceProblem[] {
  const problems: PlaceProblem[] = [];
  const over = (side: 'left' | 'right' | 'top' | 'bottom', byMm: number) => {
    if (byMm > OVER_MM) problems.push({ kind: 'overEdge', severity: 'check', side, byMm });
  };
  if (wrap?.kind !== 'round') {
    over('left', -leftMm);
    over('right', leftMm + box.widthMm - body.widthMm);
    over('top', -topMm);
    over('bottom', topMm + box.heightMm - body.heightMm);
  }
  if (outline.kind === 'roundedRect') {
    const mostMm = Math.min(outline.widthMm, outline.heightMm) / 2;
    if (outline.radiusMm > mostMm) {
      problems.push({ kind: 'radiusTooLarge', severity: 'check', radiusMm: outline.radiusMm, mostMm });
    }
  }
  return problems;
}
