import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { bearsFilm, processFacts, processOf } from '../shop';

/** Letters or borders that lie over a border which nothing holds on. */
export function layerFindings({ layers }: Fit): Finding[] {
  const inked = layers.filter(({ part }) => part !== null);
  return inked.flatMap(({ layer }, i): Finding[] => {
    const below = inked.slice(0, i).findLast((one) => one.layer.make.kind === 'border')?.layer.material;
    const isPressed = processFacts(processOf(layer.material)).bondedWord === 'pressed';
    if (!below || !isPressed || bearsFilm(below.kind)) return [];
    return [
      { kind: 'filmOver', severity: 'check', film: layer.material.name, below: below.name, at: { layerId: layer.id } },
    ];
  });
}
