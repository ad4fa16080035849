import { changeLettering } from '../edit/change';
import { withFilms } from '../edit/change-place';
import type { BorderMake, Layer } from '../shop';
import type { RunSpec } from '../spec';

/** A border of so many millimetres that fills nothing; what is named is otherwise. */
export function aBorder(mm: number, part: Partial<BorderMake> = {}): BorderMake {
  return { kind: 'border', distance: { by: 'mm', mm }, fillsUnderMm: 0, ...part };
}

/** The lettering of a run with borders under its letters, the first named the lowest, in white film. */
export function withBorders(spec: RunSpec, ...borders: readonly BorderMake[]): RunSpec {
  const layers = borders.map((make, i): Layer => ({ id: `borderlay${i}`, slot: `border ${i}`, make }));
  const changed = changeLettering(spec, null, (lettering) => ({
    ...lettering,
    layers: [...layers, ...lettering.layers],
  }));
  return withFilms(changed, Object.fromEntries(layers.map(({ slot }) => [slot, 'film-white'])));
}
