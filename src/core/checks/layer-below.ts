import type { FitLayer } from '../fit';
import { liesOn } from '../spec';

/** What lies over each other, bottom up: layers with ink that are cut. A line on one of them covers nothing. */
export function lyingLayers(layers: readonly FitLayer[]): readonly FitLayer[] {
  return layers.filter(({ part, layer }) => part !== null && !layer.line);
}

/** What a layer lies on, of those from the bottom up. Undefined: the blank. */
export function layerBelow(inked: readonly FitLayer[], index: number): FitLayer | undefined {
  const own = inked[index]!.layer.make;
  return inked.slice(0, index).findLast(({ layer: { make } }) => liesOn(own, make));
}
