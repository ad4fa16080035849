import {
  type Outline,
  type Ring,
  boxOfRings,
  growOutline,
  joinRings,
  mapOutline,
  outlineRings,
  ringArea,
  takeOut,
} from '../geometry';
import { besideEachOther } from './beside';
import type { MonogramForm } from './form';

/** How far neighbours lie over each other, of the height and at most of the narrowest of them; and how much lower every other one stands. */
const OVER = 0.26;
const OF_NARROWEST = 0.3;
const LOWER = 0.24;
/** How far from a crossing the lower letter is cut, in gaps. */
const WINDOW = 2.5;
const ROUND = 0.004;
/** What is left of a letter in smaller pieces is a splinter, and stays on the film: its side as a share of the height. */
const SPLINTER = 0.11;

/**
 * Two or three letters over each other, the lower one cut clear of the upper by the gap. Where all their strokes cross right through,
 * they pass over and under by turns; where they do not, one lies over the others as a whole, since a stroke half way under another
 * would fall into splinters.
 */
export const interlaced: MonogramForm = ({ letters, capHeight, gap }) => {
  if (letters.length < 2 || letters.length > 3) return null;
  const narrowest = Math.min(...letters.map((rings) => widthOf(rings)));
  const placed = besideEachOther(letters, -Math.min(OVER * capHeight, OF_NARROWEST * narrowest), capHeight);
  if (!placed) return null;
  const ways = { gap, tolerance: ROUND * capHeight, least: (SPLINTER * capHeight) ** 2 };
  const standing = placed.map((rings, i) =>
    mapOutline(joinRings(rings as readonly Int32Array[], 0), 1, 1, 0, i % 2 === 1 ? LOWER * capHeight : 0),
  );
  if (standing.some(({ islands }) => islands.length === 0)) return null;
  const woven = standing.length === 2 ? weave(standing[0]!, standing[1]!, ways) : null;
  const rings = (woven ?? laidOver(standing, ways)).map((one) => [...outlineRings(one)]);
  const box = boxOfRings(rings.flat());
  if (!box) return null;
  const scale = 1 / (1 + LOWER);
  const inForm = (ring: Ring) =>
    ring.map((value, k) => Math.round(k % 2 === 0 ? (value - box.minX) * scale : (value - LOWER * capHeight) * scale));
  return { letters: rings.map((own) => own.map(inForm)), between: [], lowestShare: scale };
};

interface Ways {
  readonly gap: number;
  readonly tolerance: number;
  /** Smaller pieces are left away. */
  readonly least: number;
}

/** The first of two over the second; of three the one in the middle over both. */
function laidOver(letters: readonly Outline[], { gap, tolerance, least }: Ways): readonly Outline[] {
  const top = letters.length === 3 ? 1 : 0;
  const clear = growOutline(letters[top]!, { distance: gap, tolerance, leastArea: 0 });
  return letters.map((one, i) => (i === top ? one : withoutSplinters(takeOut(one, clear, 0), least)));
}

function withoutSplinters({ islands }: Outline, least: number): Outline {
  return { islands: islands.filter(({ outer }) => Math.abs(ringArea(outer)) >= least) };
}

/** From the head to the foot each crossing the other way round than the one before; null where one of them cannot be crossed. */
function weave(a: Outline, b: Outline, ways: Ways): readonly [Outline, Outline] | null {
  const crossings = takeOut(a, takeOut(a, b, 0), (ways.tolerance / 2) ** 2)
    .islands.map(({ outer }) => joinRings([outer], 0))
    .toSorted((one, other) => topOf(one) - topOf(other));
  if (crossings.length < 2) return null;
  let [left, right] = [a, b];
  for (const [no, crossing] of crossings.entries()) {
    const isOver = no % 2 === 0;
    const cut = cutUnder(isOver ? a : b, isOver ? right : left, crossing, ways);
    if (!cut) return null;
    if (isOver) right = cut;
    else left = cut;
  }
  const isWhole = [left, right].every((one) => withoutSplinters(one, ways.least).islands.length === one.islands.length);
  return isWhole ? [left, right] : null;
}

/** The lower letter with the upper and its gap taken out at a crossing; null where it does not pass right under. */
function cutUnder(upper: Outline, lower: Outline, crossing: Outline, { gap, tolerance }: Ways): Outline | null {
  const grown = (outline: Outline, distance: number) => growOutline(outline, { distance, tolerance, leastArea: 0 });
  const near = grown(crossing, WINDOW * gap);
  const around = takeOut(lower, takeOut(lower, near, 0), 0);
  const out = takeOut(near, takeOut(near, grown(upper, gap), 0), 0);
  if (takeOut(around, out, tolerance ** 2).islands.length <= around.islands.length) return null;
  return takeOut(lower, out, tolerance ** 2);
}

function topOf(outline: Outline): number {
  return boxOfRings([...outlineRings(outline)])?.minY ?? 0;
}

function widthOf(rings: readonly Ring[]): number {
  const box = boxOfRings(rings);
  return box ? box.maxX - box.minX : 0;
}
