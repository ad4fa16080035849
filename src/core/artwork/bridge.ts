import { EM_UNITS, type Face } from '../faces';
import { crossingsAt } from '../geometry';
import { gapBetween } from './letter-gap';

/** Farther apart than so they are not bridged: a stroke across would look like a stray bar. */
const MOST_LENGTH = 0.35 * EM_UNITS;
/** How far it reaches into both letters, of its own width. */
const REACH = 0.45;
/** Of a stem: joins of a script are a little thinner. */
const OF_STEM = 0.75;

/** A short stroke between the nearest points of two letters; null where they touch, or stand too far apart. */
export function bridgeRing(left: readonly Int32Array[], right: readonly Int32Array[], face: Face): Int32Array | null {
  const gap = gapBetween(left, right, true, MOST_LENGTH);
  if (!gap || gap.distance === 0) return null;
  const width = OF_STEM * stemOf(face) * EM_UNITS;
  const [ax, ay] = gap.some;
  const [bx, by] = gap.others;
  const [dx, dy] = [(bx - ax) / gap.distance, (by - ay) / gap.distance];
  const [reach, half] = [REACH * width, width / 2];
  const corner = (x: number, y: number, along: number, aside: number) => [
    Math.round(x + dx * along - dy * aside),
    Math.round(y + dy * along + dx * aside),
  ];
  return Int32Array.from([
    ...corner(ax, ay, -reach, -half),
    ...corner(bx, by, reach, -half),
    ...corner(bx, by, reach, half),
    ...corner(ax, ay, -reach, half),
  ]);
}

const known = new WeakMap<Face, number>();
const FALLBACK_EM = 0.08;

/** How wide the stem of its l is half way up the small letters, in em. */
export function stemOf(face: Face): number {
  const before = known.get(face);
  if (before !== undefined) return before;
  const [glyph] = face.shape('l', [], 0).glyphs;
  const y = (face.xHeightEm * face.unitsPerEm) / 2;
  const at = glyph ? crossingsAt(face.glyphRings(glyph.glyphId), y) : [];
  const [from, to] = at;
  const stem = from !== undefined && to !== undefined && to > from ? (to - from) / face.unitsPerEm : FALLBACK_EM;
  known.set(face, stem);
  return stem;
}
