import type { Artwork } from '@/core/artwork';
import { outlineRings } from '@/core/geometry/outline';
import type { DrawnShapes } from './fit-protocol';

/** A layer of an artwork to be sent. */
export interface ShapeToSend {
  readonly artwork: Pick<Artwork, 'layers' | 'inkBox'>;
  readonly layerIndex: number;
}

/** Many shapes into one buffer that can be handed over without copying: objects of points take a thousand times longer. */
export function packShapes(shapes: ReadonlyMap<number, ShapeToSend>): DrawnShapes {
  const all = [...shapes.values()];
  const rings = all.map(({ artwork, layerIndex }) => {
    const layer = artwork.layers[layerIndex];
    return layer ? [...outlineRings(layer.outline)] : [];
  });
  const points = new Int32Array(rings.flat().reduce((sum, ring) => sum + ring.length, 0));
  const ringEnds = new Uint32Array(rings.reduce((sum, own) => sum + own.length, 0));
  const shapeEnds = new Uint32Array(shapes.size);
  let at = 0;
  let ringNo = 0;
  all.forEach(({ artwork: { inkBox } }, i) => {
    for (const ring of rings[i]!) {
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
