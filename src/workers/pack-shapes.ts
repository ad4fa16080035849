import { type Box, type Ring, thinnedRings } from '@/core/geometry';
import { EM_UNITS } from '@/core/faces';
import type { DrawnShapes } from './fit-protocol';
import { PathText } from './path-text';
import { PATH_UNITS_PER_EM } from './shape-paths';

/** A text takes no more than some thousand pixels of a screen: what is finer than a third of one is left out (never out of a cut). */
const FINEST_SHARE = 1 / 3000;
const FINEST_WITHOUT_INK = EM_UNITS * FINEST_SHARE;

/** Rings of an artwork to be sent, in its frame. */
export interface ShapeToSend {
  readonly rings: readonly Ring[];
  /** Of the whole ink: its corner becomes the origin. */
  readonly inkBox: Box | null;
}

/**
 * Many shapes as path data in one buffer that can be handed over without copying: objects of points take a thousand times longer, and
 * writing figures would hold up the page.
 */
export function packShapes(shapes: ReadonlyMap<number, ShapeToSend>): DrawnShapes {
  const text = new PathText(PATH_UNITS_PER_EM / EM_UNITS);
  const shapeEnds = Uint32Array.from([...shapes.values()], ({ rings, inkBox }) => {
    for (const ring of thinnedRings(rings, finestOf(inkBox)))
      text.addRing(ring, [inkBox?.minX ?? 0, inkBox?.minY ?? 0]);
    return text.length;
  });
  return { shapeNos: [...shapes.keys()], text: text.taken(), shapeEnds };
}

function finestOf(inkBox: Box | null): number {
  if (!inkBox) return FINEST_WITHOUT_INK;
  return Math.max(inkBox.maxX - inkBox.minX, inkBox.maxY - inkBox.minY) * FINEST_SHARE;
}
