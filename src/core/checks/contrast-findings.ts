import { isWholePlace } from '../artwork';
import { contrastProblem } from '../colour';
import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { isWholeBlank } from '../shop';
import { layerBelow, lyingLayers } from './layer-below';

/** Layers that are hard to tell from what they lie on: letters with a border from the border, the lowest from the blank. */
export function contrastFindings({ slot: { variant, measured }, layers }: Fit): Finding[] {
  if (!variant) return [];
  const inked = lyingLayers(layers);
  return inked.flatMap(({ layer }, i): Finding[] => {
    // A card as large as the blank is the item itself: there is nothing to tell it from.
    if (isWholePlace(layer.make) && measured && isWholeBlank(variant, measured)) return [];
    const { colour } = layer.material;
    const ground = layerBelow(inked, i)?.layer.material.colour ?? variant.colour;
    const problem = contrastProblem(colour.hex, ground.hex);
    if (!problem) return [];
    const { why, difference } = problem;
    const said = { film: colour.name, blank: ground.name, difference };
    return [{ kind: 'lowContrast', severity: 'check', why, ...said, at: { layerId: layer.id } }];
  });
}
