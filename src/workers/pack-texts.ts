import { outlineRings } from '@/core/geometry/outline';
import type { LetteredText } from '@/core/lettering';
import type { DrawnTexts } from './fit-protocol';

/** Many outlines into one buffer that can be handed over without copying: objects of points take a thousand times longer. */
export function packTexts(texts: ReadonlyMap<number, LetteredText>): DrawnTexts {
  const rings = [...texts.values()].map(({ outline }) => [...outlineRings(outline)]);
  const points = new Int32Array(rings.flat().reduce((sum, ring) => sum + ring.length, 0));
  const ringEnds = new Uint32Array(rings.reduce((sum, own) => sum + own.length, 0));
  const textEnds = new Uint32Array(texts.size);
  let at = 0;
  let ringNo = 0;
  [...texts.values()].forEach(({ inkBox }, textIndex) => {
    for (const ring of rings[textIndex]!) {
      for (let i = 0; i < ring.length; i += 2) {
        points[at++] = ring[i]! - (inkBox?.minX ?? 0);
        points[at++] = ring[i + 1]! - (inkBox?.minY ?? 0);
      }
      ringEnds[ringNo++] = at;
    }
    textEnds[textIndex] = ringNo;
  });
  return { textNos: [...texts.keys()], points, ringEnds, textEnds };
}
