/** A closed ring of integer coordinates, `x0, y0, x1, y1, …`; the last point is joined to the first, not repeated. */
export type Ring = Int32Array;

/** One connected piece of material: an outer ring and the holes in it, none touching another. */
export interface Island {
  readonly outer: Ring;
  readonly holes: readonly Ring[];
}

/**
 * Islands that do not overlap. In y-down frames outer rings have a positive area by `ringArea` and run clockwise to the
 * eye; holes run the other way.
 */
export interface Outline {
  readonly islands: readonly Island[];
}

export const EMPTY_OUTLINE: Outline = { islands: [] };

export function* outlineRings(outline: Outline): Generator<Ring> {
  for (const { outer, holes } of outline.islands) {
    yield outer;
    yield* holes;
  }
}

export function numPoints(outline: Outline): number {
  let points = 0;
  for (const ring of outlineRings(outline)) points += ring.length / 2;
  return points;
}

/**
 * `x → round(x·scaleX + shiftX)`, likewise y. A mirroring (one negative scale) turns every ring round, so that outer
 * rings stay positive.
 */
export function mapOutline(outline: Outline, scaleX: number, scaleY: number, shiftX: number, shiftY: number): Outline {
  const isMirror = scaleX * scaleY < 0;
  const mapRing = (ring: Ring): Ring => {
    const mapped = new Int32Array(ring.length);
    for (let i = 0; i < ring.length; i += 2) {
      const to = isMirror ? ring.length - 2 - i : i;
      mapped[to] = Math.round(ring[i]! * scaleX + shiftX);
      mapped[to + 1] = Math.round(ring[i + 1]! * scaleY + shiftY);
    }
    return mapped;
  };
  return { islands: outline.islands.map(({ outer, holes }) => ({ outer: mapRing(outer), holes: holes.map(mapRing) })) };
}
