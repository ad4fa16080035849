import type { Face } from '../faces';
import { joinRings } from '../geometry';
import { shapedLine } from './shape-line';

/** Small letters without a dot, as a script joins them. */
const WORD = 'anemunae';
/** What joins comes as one island, or as two where one pair does not reach. */
const MOST_ISLANDS = 3;

const known = new WeakMap<Face, boolean>();

/** Letters of it are drawn to overlap where they meet, as in handwriting: told by its own outlines. */
export function isJoinedFace(face: Face): boolean {
  const before = known.get(face);
  if (before !== undefined) return before;
  const isJoined = face.isAbsent === true ? false : areJoined(face);
  known.set(face, isJoined);
  return isJoined;
}

function areJoined(face: Face): boolean {
  const run = { text: WORD, colourSlot: '', face: '', trackingEm: 0, features: [], isTall: false };
  const { glyphs, missing } = shapedLine({ no: 0, runs: [run] }, () => face);
  if (missing.length > 0) return false;
  const { islands } = joinRings(
    glyphs.flatMap(({ rings }) => rings),
    0,
  );
  return islands.length <= MOST_ISLANDS;
}

/** How far letters may be moved together before they look crowded, or joins of a script pile up. */
export function tightenLimitEm(face: Face): number {
  return isJoinedFace(face) ? 0.02 : 0.04;
}
