import { changeLettering } from '../edit/change';
import { withFilms } from '../edit/change-place';
import type { Backing, EdgeTool, LayerMake } from '../shop';
import type { RunSpec } from '../spec';

type BackingMake = Extract<LayerMake, { kind: 'backing' }>;

/** The letters of a run drawn on a card, or marked into it; what is named of the card is otherwise. */
export function withCard(
  spec: RunSpec,
  part: Partial<BackingMake> = {},
  by: EdgeTool['by'] = 'draw',
  body: Backing = 'place',
): RunSpec {
  const make: BackingMake = { kind: 'backing', body, distance: { by: 'mm', mm: 0.1 }, hole: null, ...part };
  const changed = changeLettering(spec, null, (lettering) => ({
    ...lettering,
    layers: [
      { id: 'cardlayera', slot: 'card', make },
      ...lettering.layers.map((layer) => ({ ...layer, tool: { by, lineMm: 0.5 } })),
    ],
  }));
  return withFilms(changed, { card: 'card-cream' });
}
