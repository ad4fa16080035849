import { EM_UNITS } from '../faces';
import { boxWidth, outlineRings, ringArea } from '../geometry';
import type { LayerArt } from '../artwork';

/** What a drawn layer costs in cutting and weeding. */
export interface OutlineFacts {
  readonly numIslands: number;
  readonly numHoles: number;
  readonly edgeMm: number;
  readonly areaMm2: number;
}

/** From the left edge to the right of a drawn layer, or of all of them. */
export function widthAt({ inkBox }: Pick<LayerArt, 'inkBox'>, emMm: number): number {
  return inkBox ? (boxWidth(inkBox) / EM_UNITS) * emMm : 0;
}

/** The same in em. */
const known = new WeakMap<LayerArt, OutlineFacts>();

export function outlineFacts(art: LayerArt, emMm: number): OutlineFacts {
  const inEm = known.get(art) ?? computed(art);
  known.set(art, inEm);
  return { ...inEm, edgeMm: inEm.edgeMm * emMm, areaMm2: inEm.areaMm2 * emMm * emMm };
}

function computed({ outline }: LayerArt): OutlineFacts {
  let edge = 0;
  let area = 0;
  for (const ring of outlineRings(outline)) {
    area += ringArea(ring);
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      edge += Math.hypot(ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!);
    }
  }
  return {
    numIslands: outline.islands.length,
    numHoles: outline.islands.reduce((sum, { holes }) => sum + holes.length, 0),
    edgeMm: edge / EM_UNITS,
    areaMm2: area / EM_UNITS ** 2,
  };
}
