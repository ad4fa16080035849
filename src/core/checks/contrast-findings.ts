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
    const problem = problemOf(colour.hex, ground.hex);
    if (!problem) return [];
    const { why, difference } = problem;
    const said = { film: colour.name, blank: ground.name, difference };
    return [{ kind: 'lowContrast', severity: 'check', why, ...said, at: { layerId: layer.id } }];
  });
}

const known = new Map<string, ReturnType<typeof contrastProblem>>();
const MOST_KEPT = 1000;

/** A run has a handful of pairs, and every fit asks. */
function problemOf(film: string, blank: string): ReturnType<typeof contrastProblem> {
  const key = `${film} ${blank}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  if (known.size >= MOST_KEPT) known.clear();
  const problem = contrastProblem(film, blank);
  known.set(key, problem);
  return problem;
}
