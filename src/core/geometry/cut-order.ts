import { boxOfRings } from './box';
import { isPointInRing } from './containment';
import type { Island, Outline } from './outline';

/**
 * The islands in the order in which a blade should meet them: what lies inside another before what holds it, since a
 * cut-free surround no longer keeps its inside still; otherwise from left to right, which is the shortest travel along
 * a line of text.
 */
export function cutOrder(outline: Outline): readonly Island[] {
  return outline.islands
    .map((island) => ({
      island,
      depth: depthOf(island, outline.islands),
      box: boxOfRings([island.outer])!,
    }))
    .sort((a, b) => b.depth - a.depth || a.box.minX - b.box.minX || a.box.minY - b.box.minY)
    .map(({ island }) => island);
}

function depthOf(island: Island, all: readonly Island[]): number {
  const x = island.outer[0]!;
  const y = island.outer[1]!;
  return all.filter((other) => other !== island && isPointInRing(x, y, other.outer)).length;
}
