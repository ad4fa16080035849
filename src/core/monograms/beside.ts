import { type Ring, boxOfRings, movedRing } from '../geometry';

/** Rows in which the sides of two letters are compared. */
const NUM_ROWS = 64;
/** Where the side of one reaches beyond its row: letters that meet cornerwise are as near as those that meet level. */
const SIDE_ROWS = 2;
/** How far a letter may slip under its neighbour, of its own width: more, and the order of the letters is lost. */
const MOST_SLIP = 0.2;

/**
 * How far the ink of a letter reaches to both sides, row by row from the head of the form to its foot; where it has none, infinitely
 * little.
 */
interface Profile {
  readonly left: Float64Array;
  readonly right: Float64Array;
}

/**
 * The letters from left to right with their ink `gap` apart where they are nearest, head to foot from y = -height to 0; the first begins
 * at x = 0. What reaches beyond head or foot is not looked at. Null when a letter has no ink.
 */
export function besideEachOther(
  letters: readonly (readonly Ring[])[],
  gap: number,
  height: number,
): readonly (readonly Ring[])[] | null {
  const placed: (readonly Ring[])[] = [];
  let before: { readonly right: Float64Array; readonly maxX: number } | null = null;
  for (const rings of letters) {
    const box = boxOfRings(rings);
    if (!box) return null;
    const { left, right } = profileOf(rings, height);
    const width = box.maxX - box.minX;
    const wanted: number = before ? touching(before.right, left) + gap : -box.minX;
    const dx: number = Math.round(before ? Math.max(wanted, before.maxX + gap - box.minX - MOST_SLIP * width) : wanted);
    placed.push(rings.map((ring) => movedRing(ring, dx, 0)));
    before = { right: right.map((x) => x + dx), maxX: box.maxX + dx };
  }
  return placed;
}

/** How far the second has to be moved so that it touches the first. */
function touching(right: Float64Array, left: Float64Array): number {
  let most = -Infinity;
  for (let row = 0; row < NUM_ROWS; row++) {
    const end = Math.min(NUM_ROWS - 1, row + SIDE_ROWS);
    for (let near = Math.max(0, row - SIDE_ROWS); near <= end; near++) {
      const dx = right[row]! - left[near]!;
      if (dx > most) most = dx;
    }
  }
  return most;
}

function profileOf(rings: readonly Ring[], height: number): Profile {
  const left = new Float64Array(NUM_ROWS).fill(Infinity);
  const right = new Float64Array(NUM_ROWS).fill(-Infinity);
  const pitch = height / NUM_ROWS;
  const rowOf = (y: number) => Math.floor((y + height) / pitch);
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const ax = ring[j]!;
      const ay = ring[j + 1]!;
      const bx = ring[k]!;
      const by = ring[k + 1]!;
      const high = Math.min(ay, by);
      const low = Math.max(ay, by);
      const slope = ay === by ? 0 : (bx - ax) / (by - ay);
      const end = Math.min(NUM_ROWS - 1, rowOf(low));
      for (let row = Math.max(0, rowOf(high)); row <= end; row++) {
        // The part of the edge within this row; one that lies level is in it as a whole.
        const top = row * pitch - height;
        const from = ay === by ? ax : ax + (Math.max(top, high) - ay) * slope;
        const to = ay === by ? bx : ax + (Math.min(top + pitch, low) - ay) * slope;
        if (from < left[row]!) left[row] = from;
        if (to < left[row]!) left[row] = to;
        if (from > right[row]!) right[row] = from;
        if (to > right[row]!) right[row] = to;
      }
    }
  }
  return { left, right };
}
