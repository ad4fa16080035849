import { boxOfRings } from './box';
import { type Outline, type Ring, outlineRings } from './outline';

/**
 * An outline whose top left corner is the origin, turned a quarter clockwise to the eye (y down), its new top left corner at
 * the origin again; turned with `within`, where it lies in that. Rings keep their way round.
 */
export function turnOutline(outline: Outline, within: Outline = outline): Outline {
  const height = boxOfRings(outlineRings(within))?.maxY ?? 0;
  const turnRing = (ring: Ring): Ring => {
    const turned = new Int32Array(ring.length);
    for (let i = 0; i < ring.length; i += 2) {
      turned[i] = height - ring[i + 1]!;
      turned[i + 1] = ring[i]!;
    }
    return turned;
  };
  return {
    islands: outline.islands.map(({ outer, holes }) => ({ outer: turnRing(outer), holes: holes.map(turnRing) })),
  };
}
