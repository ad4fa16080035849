import { EM_UNITS } from '../faces';
import { boxOfRings, boxesTouch, isPointInRing } from '../geometry';
import type { SetLine } from '../resolve';
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
      nearest = { letters: [a.character, b.character], gap: gap.distance, x: gap.x, y: gap.y, run: b.run };
    }
  }
  return nearest;
}

function acrossBy(ring: Int32Array, share: number): Int32Array {
  return ring.map((value, i) => (i % 2 === 0 ? Math.round(value * share) : value));
}

interface Gap {
  readonly distance: number;
  readonly x: number;
  readonly y: number;
}

/** The least distance between two sets of rings below `most`; nothing where they overlap. */
function gapBetween(
  some: readonly Int32Array[],
  others: readonly Int32Array[],
  mayOverlap: boolean,
  most: number,
): Gap | null {
  if (mayOverlap && (overlap(some, others) ?? overlap(others, some))) {
    const [x, y] = (overlap(some, others) ?? overlap(others, some))!;
    return { distance: 0, x, y };
  }
  let least2 = most * most;
  let found: Gap | null = null;
  const look = (points: readonly Int32Array[], edges: readonly Int32Array[]) => {
    for (const ring of points) {
      for (let i = 0; i < ring.length; i += 2) {
        const px = ring[i]!;
        const py = ring[i + 1]!;
        for (const edge of edges) {
          for (let k = 0, j = edge.length - 2; k < edge.length; j = k, k += 2) {
            const ax = edge[j]!;
            const ay = edge[j + 1]!;
            const dx = edge[k]! - ax;
            const dy = edge[k + 1]! - ay;
            const length2 = dx * dx + dy * dy;
            let t = length2 === 0 ? 0 : ((px - ax) * dx + (py - ay) * dy) / length2;
            t = t < 0 ? 0 : t > 1 ? 1 : t;
            const x = ax + t * dx;
            const y = ay + t * dy;
            const distance2 = (x - px) ** 2 + (y - py) ** 2;
            if (distance2 >= least2) continue;
            least2 = distance2;
            found = { distance: Math.sqrt(distance2), x: (x + px) / 2, y: (y + py) / 2 };
          }
        }
      }
    }
  };
  look(some, others);
  look(others, some);
  return found;
}

/** A point of one that lies in the other. */
function overlap(points: readonly Int32Array[], rings: readonly Int32Array[]): readonly [number, number] | null {
  for (const ring of points) {
    for (let i = 0; i < ring.length; i += 2) {
      if (rings.some((other) => isPointInRing(ring[i]!, ring[i + 1]!, other))) return [ring[i]!, ring[i + 1]!];
    }
  }
  return null;
}
