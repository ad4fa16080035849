import { type Ring, backwardRing, boxOfRings, joinRings, outlineRings, ringArea } from '../geometry';

/** Rows in which strokes and the room between them are looked at, of the height of capitals. */
const FROM = 0.14;
const TO = 0.86;
const NUM_ROWS = 13;

/** How wide the strokes of letters are across, and what is open between those of each. */
export interface Across {
  readonly stem: number;
  /** By letter; nothing for one whose strokes enclose nothing from both sides, such as an L. */
  readonly open: readonly (number | null)[];
}

/** What reaches farther above the head than a round letter does is a mark. */
const MARK = 0.05;

/** Null for letters without strokes. Feet stand at y = 0, heads at y = -height. */
export function lookAcross(letters: readonly (readonly Ring[])[], height: number): Across | null {
  const rowsOf = letters.map((rings) => strokesBetween(rings, -TO * height, -FROM * height));
  const stem = median(rowsOf.flatMap((rows) => rows.flatMap((ends) => inTurn(ends, 0))));
  if (stem === null) return null;
  const open = letters.map((rings, no) => {
    const head = boxOfRings(rings)?.minY ?? 0;
    const ofLetter = openIn(rowsOf[no]!);
    const ofMarks = head < -(1 + MARK) * height ? openIn(strokesBetween(rings, head, -height)) : null;
    return ofLetter !== null && ofMarks !== null ? Math.min(ofLetter, ofMarks) : (ofLetter ?? ofMarks);
  });
  return { stem, open };
}

/** How wide it is open between strokes, in most of the rows where it is. */
function openIn(rows: readonly (readonly number[])[]): number | null {
  return median(
    rows.flatMap((ends) => {
      const rooms = inTurn(ends, 1);
      return rooms.length === 0 ? [] : [Math.min(...rooms)];
    }),
  );
}

/** From every second one to the next: of where strokes begin and end, from the first on strokes, from the second on what is between. */
function inTurn(ends: readonly number[], first: 0 | 1): number[] {
  const lengths: number[] = [];
  for (let i = first; i + 1 < ends.length; i += 2) lengths.push(ends[i + 1]! - ends[i]!);
  return lengths;
}

function median(values: number[]): number | null {
  values.sort((a, b) => a - b);
  return values[values.length >> 1] ?? null;
}

/** Row by row where strokes begin and end, from left to right: what any ring winds round is ink. */
function strokesBetween(rings: readonly Ring[], from: number, to: number): readonly (readonly number[])[] {
  const rows = Array.from({ length: NUM_ROWS }, (): { readonly x: number; readonly by: number }[] => []);
  const pitch = (to - from) / (NUM_ROWS - 1);
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
      const [high, low] = ay < by ? [ay, by] : [by, ay];
      // A row just at a corner is crossed by one of its edges.
      const end = Math.min(NUM_ROWS, Math.ceil((low - from) / pitch));
      for (let row = Math.max(0, Math.ceil((high - from) / pitch)); row < end; row++) {
        const x = ax + ((from + row * pitch - ay) / (by - ay)) * (bx - ax);
        rows[row]!.push({ x, by: by > ay ? 1 : -1 });
      }
    }
  }
  return rows.map(strokeEnds);
}

function strokeEnds(crossings: { readonly x: number; readonly by: number }[]): number[] {
  crossings.sort((a, b) => a.x - b.x);
  const ends: number[] = [];
  let wound = 0;
  for (const { x, by } of crossings) {
    if (wound === 0 || wound + by === 0) ends.push(x);
    wound += by;
  }
  return ends;
}

/** How much narrower letters are drawn, and by how much their strokes are wider again. */
export interface Width {
  readonly share: number;
  readonly wider: number;
}

/**
 * Rings drawn narrower by a share, with strokes made wider across again: as a face is drawn narrow, and not as one that is pressed
 * together. What is level keeps its thickness.
 */
export function narrowedRings(rings: readonly Ring[], height: number, { share, wider }: Width): readonly Ring[] {
  const narrow = rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? Math.round(value * share) : value)));
  if (wider === 0) return narrow;
  // Outer rings all run one way; which way is a matter of the face.
  const toRight = narrow.reduce((sum, ring) => sum + ringArea(ring), 0) < 0 ? -1 : 1;
  const widened = narrow.map((ring) => widenedRing(ring, (toRight * wider) / 2));
  // Where a notch was closed a ring crosses itself, and would be torn there when it is bent.
  return [...outlineRings(joinRings(toRight < 0 ? widened.map(backwardRing) : widened, (CRUMB * height) ** 2))];
}

/** What is smaller than a square of this side, of the height, is left from joining and no shape. */
const CRUMB = 0.002;

/**
 * What lies within `reach` to the left and right of what a ring goes round: its right sides move to the right, its left sides to the
 * left, and what is level between them becomes longer. Where a notch is closed the ring crosses itself: what it winds round is ink.
 *
 *      ╭──╮         ╭────╮
 *      │  │    →   ╱      ╲
 *      ╰──╯         ╰────╯
 */
function widenedRing(ring: Ring, reach: number): Ring {
  const num = ring.length / 2;
  // Down the right side of what lies to the right of the way round; nought where it is level.
  const facing = (i: number) => Math.sign(ring[(2 * i + 3) % ring.length]! - ring[2 * i + 1]!);
  const widened: number[] = [];
  const add = (i: number, side: number) => widened.push(Math.round(ring[2 * i]! + side * reach), ring[2 * i + 1]!);
  let before = facing(num - 1);
  for (let i = 0; i < num; i++) {
    const after = facing(i);
    if (before !== 0) add(i, before);
    if (after !== 0 && after !== before) add(i, after);
    before = after;
  }
  return Int32Array.from(widened);
}
