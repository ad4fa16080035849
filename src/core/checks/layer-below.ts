import type { FitLayer } from '../fit';

/** What a layer lies on, of those with ink from the bottom up; letters of several colours lie beside each other. Undefined: the blank. */
export function layerBelow(inked: readonly FitLayer[], index: number): FitLayer | undefined {
  const isText = inked[index]!.layer.make.kind === 'text';
  return inked.slice(0, index).findLast(({ layer }) => !isText || layer.make.kind !== 'text');
}
