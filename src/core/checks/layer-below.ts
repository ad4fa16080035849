import type { FitLayer } from '../fit';

/** What lies over each other, bottom up: layers with ink that are cut. A line on one of them covers nothing. */
export function lyingLayers(layers: readonly FitLayer[]): readonly FitLayer[] {
  return layers.filter(({ part, layer }) => part !== null && !layer.line);
}

type Kind = FitLayer['layer']['make'];

/** What a layer lies on, of those from the bottom up. Undefined: the blank. */
export function layerBelow(inked: readonly FitLayer[], index: number): FitLayer | undefined {
  const own = inked[index]!.layer.make;
  return inked.slice(0, index).findLast(({ layer: { make } }) => liesOn(own, make));
}

/** Letters of several colours lie beside each other, and so do the parts of a motif; what lies behind is below the letters alone. */
function liesOn(upper: Kind, lower: Kind): boolean {
  if (lower.kind === 'text') return upper.kind === 'inside';
  if (lower.kind === 'motif') return lower.isBehind && upper.kind !== 'motif';
  return true;
}
