import { type Ring, ringArea } from '../geometry';

/** Rows in which strokes and the room between them are looked at, of the height of capitals. */
const FROM = 0.14;
const TO = 0.86;
const NUM_ROWS = 19;

/** How wide the strokes of letters are across, and what is open between those of each. */
export interface Across {
  readonly stem: number;
  /** By letter; nothing for one whose strokes enclose nothing from both sides, such as an L. */
  readonly open: readonly (number | null)[];
}

/** Null for letters without strokes. Feet stand at y = 0, heads at y = -height. */
export function lookAcross(letters: readonly (readonly Ring[])[], height: number): Across | null {
  const ink: number[] = [];
  const open = letters.map((rings) => {
    const rooms: number[] = [];
    for (let row = 0; row < NUM_ROWS; row++) {
      // Not on whole units, where edges begin and end.
      const y = Math.floor(-height * (FROM + ((TO - FROM) * row) / (NUM_ROWS - 1))) + 0.5;
      const strokes = strokesAt(rings, y);
      for (let i = 0; i < strokes.length; i += 2) ink.push(strokes[i + 1]! - strokes[i]!);
      const numRooms = strokes.length / 2 - 1;
      let room = 0;
      for (let i = 1; i + 1 < strokes.length; i += 2) room += strokes[i + 1]! - strokes[i]!;
      if (numRooms > 0) rooms.push(room / numRooms);
    }
    return median(rooms);
  });
  const stem = median(ink);
  return stem === null ? null : { stem, open };
}

function median(values: number[]): number | null {
  values.sort((a, b) => a - b);
  return values[values.length >> 1] ?? null;
}

/** Where strokes begin and end at a height, from left to right: what any ring winds round is ink. */
function strokesAt(rings: readonly Ring[], y: number): number[] {
  const crossings: { readonly x: number; readonly by: number }[] = [];
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [ay, by] = [ring[j + 1]!, ring[k + 1]!];
      if (ay <= y === by <= y) continue;
      crossings.push({ x: ring[j]! + ((y - ay) / (by - ay)) * (ring[k]! - ring[j]!), by: by > ay ? 1 : -1 });
    }
  }
  crossings.sort((a, b) => a.x - b.x);
  const ends: number[] = [];
  let wound = 0;
  for (const { x, by } of crossings) {
    if (wound === 0 || wound + by === 0) ends.push(x);
    wound += by;
  }
  return ends;
}

/**
 * Rings drawn narrower by a share, with strokes made wider across again by `wider`: as a face is drawn narrow, and not as one that is
 * pressed together. What is level keeps its thickness. Rings may cross themselves where a notch was closed: what they wind round is ink.
 */
export function narrowedRings(rings: readonly Ring[], { share, wider }: Width): readonly Ring[] {
  const narrow = rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? Math.round(value * share) : value)));
  if (wider === 0) return narrow;
  // Outer rings all run one way; which way is a matter of the face.
  const toRight = narrow.reduce((sum, ring) => sum + ringArea(ring), 0) < 0 ? -1 : 1;
  return narrow.map((ring) => widenedRing(ring, (toRight * wider) / 2));
}

/**
 * What lies within `reach` to the left and right of what a ring goes round: its right sides move to the right, its left sides to the
 * left, and what is level between them becomes longer.
 *
 *      ╭──╮         ╭────╮
 *      │  │    →   ╱      ╲
 *      ╰──╯         ╰────╯
 */
function widenedRing(ring: Ring, reach: number): Ring {
  const num = ring.length / 2;
  // Down the right side of what lies to the right of the way round.
  const facing = (i: number) => Math.sign(ring[(2 * i + 3) % ring.length]! - ring[2 * i + 1]!);
  let before = 0;
  for (let i = num - 1; i >= 0 && before === 0; i--) before = facing(i);
  const widened: number[] = [];
  for (let i = 0; i < num; i++) {
    const after = facing(i) || before;
    widened.push(Math.round(ring[2 * i]! + before * reach), ring[2 * i + 1]!);
    if (after !== before) widened.push(Math.round(ring[2 * i]! + after * reach), ring[2 * i + 1]!);
    before = after;
  }
  return Int32Array.from(widened);
}

/** How much narrower letters are drawn, and by how much their strokes are wider again. */
export interface Width {
  readonly share: number;
  readonly wider: number;
}
