import { clipper } from './clipper';
import { throughEngine } from './engine-paths';
import type { Ring } from './outline';

/** How a line is drawn along a path. */
export interface LineStyle {
  /** Its width, in the path's units. */
  readonly width: number;
  readonly join: 'miter' | 'round' | 'bevel';
  readonly cap: 'butt' | 'round' | 'square';
  readonly miterLimit: number;
  /** How far round corners may lie within their arcs. */
  readonly tolerance: number;
}

const WHOLE_UNITS = 0;

/** The edges of a line that is drawn along paths, all closed or none; what they enclose by the nonzero rule is the line. */
export function strokeRings(paths: readonly Ring[], isClosed: boolean, style: LineStyle): Ring[] {
  const { JoinType, EndType } = clipper;
  // The engine cuts no corner straight off: one that should be is squared.
  const joins = { miter: JoinType.Miter, round: JoinType.Round, bevel: JoinType.Square };
  const caps = { butt: EndType.Butt, round: EndType.Round, square: EndType.Square };
  return throughEngine(paths, (subject) =>
    clipper.InflatePathsD(
      subject,
      style.width / 2,
      joins[style.join],
      isClosed ? EndType.Joined : caps[style.cap],
      style.miterLimit,
      WHOLE_UNITS,
      style.tolerance,
    ),
  );
}
