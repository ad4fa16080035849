import { EM_UNITS, type Face } from '../faces';
import { type Box, boxOfRings, boxesTouch, movedRing } from '../geometry';
import type { LetterStand, SetRun } from '../resolve';
import { isJoinedFace } from './joined-face';
import type { FaceOf, LaidGlyph } from './shape-line';
import { bridgeRing } from './bridge';
import { gapBetween } from './letter-gap';

/** How far the gap of a pair may be off from what is asked. */
const TOLERANCE = 0.0005 * EM_UNITS;
const MOST_STEPS = 60;
/** How far letters that are drawn together lie over each other, so that they come off the film as one. */
const OVERLAP = 0.03 * EM_UNITS;

interface Letter extends LaidGlyph {
  readonly box: Box | null;
}

/** Two letters side by side, as they are seen, and what is asked of them. */
interface Pair {
  readonly left: Letter;
  readonly right: Letter;
  readonly toNext: LetterStand['toNext'];
  readonly capHeight: number;
  /** Clear room that it has at least; zero asks for nothing. */
  readonly least: number;
}

/**
 * Letters of a line from left to right, moved as single ones of them and their spacing ask; null where nothing is asked. Pairs under
 * the least gap are pushed apart, and where half of them are, all stand wider by as much: pushed one by one they would look uneven.
 */
export function spacedLetters(
  glyphs: readonly LaidGlyph[],
  runs: readonly SetRun[],
  faceOf: FaceOf,
): readonly LaidGlyph[] | null {
  if (!runs.some(({ own, leastGapShare }) => own || leastGapShare !== undefined)) return null;
  const letters = glyphs.map((glyph) => standing(glyph, runs[glyph.run]!, faceOf));
  const pairs = letters.slice(1).map((right, i) => pairOf(letters[i]!, right, runs, faceOf));
  const asked = pairs.map((pair) => (pair ? shiftOf(pair) : null));
  const evenly = median(pairs.flatMap((pair, i) => (pair && pair.least > 0 ? [asked[i]!] : [])));
  let dx = 0;
  return letters.map((letter, i) => {
    const before = i === 0 ? null : pairs[i - 1]!;
    if (before) dx += before.least > 0 ? Math.max(evenly, asked[i - 1]!) : asked[i - 1]!;
    const own = runs[letter.run]!;
    const next = pairs[i];
    const bridge =
      next?.toNext?.kind === 'bridged' ? bridgeRing(next.left.rings, next.right.rings, faceOf(own.face)) : null;
    const rings = bridge ? [...letter.rings, bridge] : letter.rings;
    return { ...letter, rings: dx === 0 ? rings : rings.map((ring) => movedRing(ring, dx, 0)) };
  });
}

/** Turned about its middle and resized from the baseline, then moved. */
function standing(glyph: LaidGlyph, { own, face }: SetRun, faceOf: FaceOf): Letter {
  const box = boxOfRings(glyph.rings);
  if (!own || !box) return { ...glyph, box };
  const { right = 0, up = 0, turnDeg = 0, size = 1 } = own;
  const capHeight = faceOf(face).capHeightEm * EM_UNITS;
  const [x, y] = [(box.minX + box.maxX) / 2, ((box.minY + box.maxY) / 2) * size];
  const angle = (turnDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const rings = glyph.rings.map((ring) => {
    const moved = new Int32Array(ring.length);
    for (let i = 0; i < ring.length; i += 2) {
      const [px, py] = [(ring[i]! - x) * size, ring[i + 1]! * size - y];
      moved[i] = Math.round(x + px * cos - py * sin + right * capHeight);
      moved[i + 1] = Math.round(y + px * sin + py * cos - up * capHeight);
    }
    return moved;
  });
  return { ...glyph, rings, box: boxOfRings(rings) };
}

/** Null where one of them has no ink: a space parts them. */
function pairOf(left: Letter, right: Letter, runs: readonly SetRun[], faceOf: FaceOf): Pair | null {
  if (!left.box || !right.box) return null;
  const both = [runs[left.run]!, runs[right.run]!];
  const isReadFirst = left.run < right.run || (left.run === right.run && left.at <= right.at);
  const toNext = both[isReadFirst ? 0 : 1]!.own?.toNext;
  const isJoined = both.every(({ face }) => isJoinedFace(faceOf(face)));
  const least = toNext || isJoined ? 0 : Math.max(...both.map((run) => leastGap(run, faceOf(run.face))));
  return { left, right, toNext, least, capHeight: faceOf(both[0]!.face).capHeightEm * EM_UNITS };
}

function leastGap({ leastGapShare = 0 }: SetRun, { capHeightEm }: Face): number {
  return leastGapShare * capHeightEm * EM_UNITS;
}

/** How far the right one, and all after it, has to go to the right. */
function shiftOf({ left, right, toNext, least, capHeight }: Pair): number {
  if (!toNext) {
    const isClear = least === 0 || distance(left, right, 0, least) >= least;
    return isClear ? 0 : Math.max(0, shiftTo(left, right, least));
  }
  switch (toNext.kind) {
    case 'gap':
      return shiftTo(left, right, toNext.share * capHeight);
    case 'joined':
      return shiftTo(left, right, 0) - OVERLAP;
    case 'bridged':
      return 0;
  }
}

/**
 * Comes from the right until the gap is the wanted one. A move never changes a gap by more than its own length, so that none of the
 * steps goes too far.
 */
function shiftTo(left: Letter, right: Letter, wanted: number): number {
  let dx = left.box!.maxX - right.box!.minX + wanted;
  for (let step = 0; step < MOST_STEPS; step++) {
    const over = distance(left, right, dx, Infinity) - wanted;
    if (over <= TOLERANCE) break;
    dx -= over;
  }
  return Math.round(dx);
}

function distance(left: Letter, right: Letter, dx: number, most: number): number {
  const moved = dx === 0 ? right.rings : right.rings.map((ring) => movedRing(ring, Math.round(dx), 0));
  const box = { ...right.box!, minX: right.box!.minX + dx, maxX: right.box!.maxX + dx };
  return gapBetween(left.rings, moved, boxesTouch(left.box!, box), most)?.distance ?? most;
}

/** The middle one; of two the larger. Zero of none. */
function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}
