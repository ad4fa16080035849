import { type Ring, boxOfRings, movedRing } from '../geometry';

/** Rows in which the sides of two letters are compared. */
const NUM_ROWS = 64;
/** Where the side of one reaches beyond its row: letters that meet cornerwise are as near as those that meet level. */
const SIDE_ROWS = 2;
/** How far a letter may slip under its neighbour, of its own width: more, and the order of the letters is lost. */
const MOST_SLIP = 0.2;

/** How far the ink of a letter reaches to one side, row by row from the head of the form to its foot; null where it has none. */
type Profile = readonly (number | null)[];

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
  let before: { readonly profile: Profile; readonly right: number } | null = null;
  for (const rings of letters) {
    const box = boxOfRings(rings);
    if (!box) return null;
    const left = profileOf(rings, height, 'left');
    const width = box.maxX - box.minX;
    const wanted: number = before ? touching(before.profile, left) + gap : -box.minX;
    const dx: number = Math.round(
      before ? Math.max(wanted, before.right + gap - box.minX - MOST_SLIP * width) : wanted,
    );
    placed.push(rings.map((ring) => movedRing(ring, dx, 0)));
    const right: Profile = profileOf(rings, height, 'right').map((x) => (x === null ? null : x + dx));
    before = { profile: right, right: box.maxX + dx };
  }
  return placed;
}

/** How far the second has to be moved so that it touches the first. */
function touching(right: Profile, left: Profile): number {
  let most = -Infinity;
  right.forEach((x, row) => {
    if (x === null) return;
    for (let near = Math.max(0, row - SIDE_ROWS); near <= Math.min(NUM_ROWS - 1, row + SIDE_ROWS); near++) {
      const other = left[near];
      if (other !== null && other !== undefined) most = Math.max(most, x - other);
    }
  });
  return most;
}

function profileOf(rings: readonly Ring[], height: number, side: 'left' | 'right'): Profile {
  const profile: (number | null)[] = new Array<number | null>(NUM_ROWS).fill(null);
  const isFarther = (x: number, than: number | null | undefined) =>
    than === null || than === undefined || (side === 'left' ? x < than : x > than);
  const rowOf = (y: number) => Math.floor(((y + height) / height) * NUM_ROWS);
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
      const [first, last] = [rowOf(Math.min(ay, by)), rowOf(Math.max(ay, by))];
      for (let row = Math.max(0, first); row <= Math.min(NUM_ROWS - 1, last); row++) {
        // The part of the edge within this row.
        const [top, bottom] = [row, row + 1].map((edge) => (edge / NUM_ROWS) * height - height);
        const at = (y: number) => (by === ay ? ax : ax + ((y - ay) / (by - ay)) * (bx - ax));
        const ys = [Math.max(top!, Math.min(ay, by)), Math.min(bottom!, Math.max(ay, by))];
        for (const x of ay === by ? [ax, bx] : ys.map(at)) if (isFarther(x, profile[row])) profile[row] = x;
      }
    }
  }
  return profile;
}
