import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { layerBelow, lyingLayers } from './layer-below';
import { bearsFilm, processFacts, processOf } from '../shop';

/** Layers that lie over another which nothing holds on. */
export function layerFindings({ layers }: Fit): Finding[] {
  const inked = lyingLayers(layers);
  return inked.flatMap(({ layer }, i): Finding[] => {
    const under = layerBelow(inked, i)?.layer;
    const below = under?.under?.kind === 'inlay' ? undefined : under?.material;
    const isPressed = processFacts(processOf(layer.material)).bondedWord === 'pressed';
    if (!below || !isPressed || bearsFilm(below.kind)) return [];
    return [
      { kind: 'filmOver', severity: 'check', film: layer.material.name, below: below.name, at: { layerId: layer.id } },
    ];
  });
}
