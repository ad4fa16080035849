import { EM_UNITS } from '../faces';
import { boxOfRings, boxesTouch } from '../geometry';
import type { SetLine } from '../resolve';
import { gapBetween } from './letter-gap';
import { type FaceOf, placedLetters } from './lay-line';

/** Two letters of a line that stand nearest to each other. Millionths of an em, y down, as the line was drawn. */
export interface NearLetters {
  readonly letters: readonly [string, string];
  /** Zero where they touch or overlap. */
  readonly gap: number;
  readonly x: number;
  readonly y: number;
  /** Run of the second of them. */
  readonly run: number;
}

/**
 * The nearest two neighbours of a line; letters with a space between them are none. Null for less than two letters. Meant for
 * faces whose letters stand apart: in the others they are drawn to overlap.
 */
export function nearestLetters(line: SetLine, faceOf: FaceOf, widthShare = 1): NearLetters | null {
  const letters = placedLetters(line, faceOf).map(({ rings: drawn, ...letter }) => {
    const rings = widthShare === 1 ? drawn : drawn.map((ring) => acrossBy(ring, widthShare));
    return { ...letter, rings, box: boxOfRings(rings) };
  });
  let nearest: NearLetters | null = null;
  for (let i = 0; i + 1 < letters.length; i++) {
    const [a, b] = [letters[i]!, letters[i + 1]!];
    if (!a.box || !b.box) continue;
    const most = nearest?.gap ?? Infinity;
    if (b.box.minX - a.box.maxX >= most) continue;
    const gap = gapBetween(a.rings, b.rings, boxesTouch(a.box, b.box), Math.min(most, 0.5 * EM_UNITS));
    if (gap && gap.distance < most) {
      const [x, y] = [(gap.some[0] + gap.others[0]) / 2, (gap.some[1] + gap.others[1]) / 2];
      nearest = { letters: [a.character, b.character], gap: gap.distance, x, y, run: b.run };
    }
  }
  return nearest;
}

function acrossBy(ring: Int32Array, share: number): Int32Array {
  return ring.map((value, i) => (i % 2 === 0 ? Math.round(value * share) : value));
}
