import { FLATTEN_TOLERANCE_EM, EM_UNITS } from '../faces';
import { type Ring, boxOfRings } from '../geometry';
import { type MapPoint, mappedRing } from '../monograms';
import type { Bend } from '../shop';

/** What lines are bent about: all in millionths of an em, y down. */
export interface BendAt {
  /** Middle of all ink across, which stays where it is. */
  readonly middleX: number;
  /** The height that keeps its length: half way from the heads of the first line to the feet of the last. */
  readonly middleY: number;
  readonly radius: number;
  readonly way: Bend['way'];
}

/** A bend whose circle is known: that of its place is worked out where the size is. */
export type KnownBend = Bend & { readonly curve: Exclude<Bend['curve'], { readonly by: 'place' }> };

export function isKnownBend(bend: Bend | undefined): bend is KnownBend {
  return bend !== undefined && bend.curve.by !== 'place';
}

/** Of the circle through both ends and the middle. */
function radiusOfRise(width: number, rise: number): number {
  return (width * width) / 4 / (2 * rise) + rise / 2;
}

/** Round a whole circle the end is parted from the beginning as words are. */
const WORD_SPACE = 0.5;

function radiusOf(curve: KnownBend['curve'], width: number, capHeight: number): number {
  switch (curve.by) {
    case 'radius':
      return curve.capitals * capHeight;
    case 'rise':
      return radiusOfRise(width, curve.share * width);
    case 'around': {
      const whole = (curve.degrees / 360) * 2 * Math.PI;
      return (width + (curve.degrees / 360) * WORD_SPACE * capHeight) / whole;
    }
  }
}

/** The circle of a bend for ink so wide, whose letters stand from `head` to `foot`. */
export function bendAt(
  { way, curve }: KnownBend,
  { minX, maxX }: { readonly minX: number; readonly maxX: number },
  { head, foot, capHeight }: { readonly head: number; readonly foot: number; readonly capHeight: number },
): BendAt {
  const width = maxX - minX;
  const wanted = radiusOf(curve, width, capHeight);
  // Never more than once round, and never through its own middle.
  const radius = Math.max(wanted, (1.02 * width) / (2 * Math.PI), 0.75 * (foot - head));
  return { middleX: (minX + maxX) / 2, middleY: (head + foot) / 2, radius, way };
}

/** Across becomes along the circle, and up away from its middle, or towards it in a dip. */
export function bentPoint({ middleX, middleY, radius, way }: BendAt): MapPoint {
  const out = way === 'arch' ? -1 : 1;
  return (x, y) => {
    const angle = (x - middleX) / radius;
    const distance = radius + out * (y - middleY);
    return [middleX + distance * Math.sin(angle), middleY + out * (distance * Math.cos(angle) - radius)];
  };
}

/** Rings bent: edges are split until none is off the curve by more than curves are flattened to. */
export function bentRing(ring: Ring, at: BendAt): Int32Array {
  return mappedRing(ring, longestEdge(at), bentPoint(at));
}

function longestEdge({ radius }: BendAt): number {
  return Math.sqrt(8 * radius * FLATTEN_TOLERANCE_EM * EM_UNITS);
}

/** A letter that keeps its shape: its middle is moved to the circle, and it is turned about it. */
export function turnedRings(rings: readonly Ring[], at: BendAt): Int32Array[] {
  const box = boxOfRings(rings);
  if (!box) return [];
  const x = (box.minX + box.maxX) / 2;
  const out = at.way === 'arch' ? 1 : -1;
  const angle = (out * (x - at.middleX)) / at.radius;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const [toX, toY] = bentPoint(at)(x, at.middleY);
  return rings.map((ring) => {
    const turned = new Int32Array(ring.length);
    for (let i = 0; i < ring.length; i += 2) {
      const [dx, dy] = [ring[i]! - x, ring[i + 1]! - at.middleY];
      turned[i] = Math.round(toX + dx * cos - dy * sin);
      turned[i + 1] = Math.round(toY + dx * sin + dy * cos);
    }
    return turned;
  });
}
