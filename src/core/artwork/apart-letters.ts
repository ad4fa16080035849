import type { Face } from '../faces';
import { boxOfRings, boxesTouch, joinRings } from '../geometry';
import type { SetLine, Slot } from '../resolve';
import { artJobOf } from './art-job';
import { isJoinedFace } from './joined-face';
import { gapBetween } from './letter-gap';
import { type FaceOf, type PlacedLetter, placedLetters } from './lay-line';

/** Two neighbours of a joined script that do not touch. */
export interface ApartLetters {
  readonly letters: readonly [string, string];
  /** Run of the first of them, and where it stands in that run's composed text, in UTF-16 units. */
  readonly run: number;
  readonly at: number;
  /** The first of them joins nothing in this face: so it was drawn. */
  readonly isUsual: boolean;
}

/** Nearer than so, in millionths of an em, outlines are asked whether they lie over each other. */
const NEAR = 30_000;
const SMALL = /^\p{Ll}\p{M}*$/u;
/** A letter that joins none of these on its right was drawn to stand apart. */
const FOLLOWING = 'aenu';

/**
 * Small letters of a joined script that stand beside each other and do not touch: off the film they come one by one. Capitals are
 * left out, since most scripts draw them to stand alone, and so are pairs whose gap somebody chose.
 */
export function apartLetters(line: SetLine, faceOf: FaceOf): readonly ApartLetters[] {
  if (!line.runs.some(({ face }) => isJoinedFace(faceOf(face)))) return [];
  const letters = placedLetters(line, faceOf);
  return letters.slice(1).flatMap((right, i): ApartLetters[] => {
    const left = letters[i]!;
    const [run, next] = [line.runs[left.run]!, line.runs[right.run]!];
    if (![left, right].every(({ character }) => SMALL.test(character))) return [];
    if (![run, next].every(({ face }) => isJoinedFace(faceOf(face))) || run.own?.toNext?.kind === 'gap') return [];
    if (areTouching(left, right)) return [];
    const { run: no, at, character } = left;
    return [{ letters: [character, right.character], run: no, at, isUsual: joinsNothing(faceOf(run.face), character) }];
  });
}

/** The same of a whole text, by line; nothing where each of its letters is a piece of its own, and none should join. */
export function apartInText(
  slot: Slot,
  faceOf: FaceOf,
): readonly { readonly line: SetLine; readonly apart: readonly ApartLetters[] }[] {
  if (slot.layers.some(({ isApart }) => isApart)) return [];
  return artJobOf(slot).lines.map((line) => ({ line, apart: apartLetters(line, faceOf) }));
}

function areTouching({ rings: left }: PlacedLetter, { rings: right }: PlacedLetter): boolean {
  const boxes = [boxOfRings(left), boxOfRings(right)];
  if (!boxes[0] || !boxes[1] || !boxesTouch(boxes[0], boxes[1])) return false;
  const gap = gapBetween(left, right, true, NEAR);
  if (!gap || gap.distance === 0) return gap !== null;
  // Strokes may cross without a corner of one inside the other.
  const count = (rings: readonly Int32Array[]) => joinRings(rings, 0).islands.length;
  return count([...left, ...right]) < count(left) + count(right);
}

const known = new WeakMap<Face, Map<string, boolean>>();

function joinsNothing(face: Face, character: string): boolean {
  const ofFace = known.get(face) ?? new Map<string, boolean>();
  known.set(face, ofFace);
  const before = ofFace.get(character);
  if (before !== undefined) return before;
  const joins = [...FOLLOWING].some((next) => {
    const run = { text: character + next, colourSlot: '', face: '', trackingEm: 0, features: [], isTall: false };
    const [left, right] = placedLetters({ no: 0, runs: [run] }, () => face);
    return left !== undefined && right !== undefined && areTouching(left, right);
  });
  ofFace.set(character, !joins);
  return !joins;
}
