import type { Box, Ring } from '@/core/geometry';
import type { DrawnShapes } from './fit-protocol';

/** Rings of an artwork to be sent, in its frame. */
export interface ShapeToSend {
  readonly rings: readonly Ring[];
  /** Of the whole ink: its corner becomes the origin. */
  readonly inkBox: Box | null;
}

/** Many shapes into one buffer that can be handed over without copying: objects of points take a thousand times longer. */
export function packShapes(shapes: ReadonlyMap<number, ShapeToSend>): DrawnShapes {
  const all = [...shapes.values()];
  const every = all.flatMap(({ rings }) => rings);
  const points = new Int32Array(every.reduce((sum, ring) => sum + ring.length, 0));
  const ringEnds = new Uint32Array(every.length);
  const shapeEnds = new Uint32Array(shapes.size);
  let at = 0;
  let ringNo = 0;
  all.forEach(({ rings, inkBox }, i) => {
    for (const ring of rings) {
      for (let k = 0; k < ring.length; k += 2) {
        points[at++] = ring[k]! - (inkBox?.minX ?? 0);
        points[at++] = ring[k + 1]! - (inkBox?.minY ?? 0);
      }
      ringEnds[ringNo++] = at;
    }
    shapeEnds[i] = ringNo;
  });
  return { shapeNos: [...shapes.keys()], points, ringEnds, shapeEnds };
}
