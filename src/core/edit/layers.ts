import { type RandomBytes, makeId } from '../ids';
import { type Layer, type LayerMake, type LayerUnder, type Lettering, MOST_LAYERS, type Reach } from '../shop';
import type { RunSpec } from '../spec';
import { changeLettering } from './change';
import { withFilms, withoutFilms } from './change-place';
import { type PlaceAt, placeAt } from './main-place';
import { tellingFilm } from './telling-film';

/** Layers of the lettering in use that are made from its letters: what lies around, under and on them. */

export type ShapeMake = Exclude<LayerMake, { kind: 'text' }>;
export type ShapeKind = ShapeMake['kind'];

export interface ShapeLayer extends Omit<Layer, 'make'> {
  readonly make: ShapeMake;
}

/** Bottom up, so that the widest stands first. */
export function shapeLayersOf({ layers }: Pick<Lettering, 'layers'>): readonly ShapeLayer[] {
  return layers.flatMap((layer) => (layer.make.kind === 'text' ? [] : [{ ...layer, make: layer.make }]));
}

export function mayAddLayer({ layers }: Pick<Lettering, 'layers'>): boolean {
  return layers.length < MOST_LAYERS;
}

/** What a new one starts as. */
const FIRST: Readonly<Record<ShapeKind, ShapeMake>> = {
  border: { kind: 'border', distance: { by: 'mm', mm: 1.5 }, fillsUnderMm: 1 },
  inside: { kind: 'inside', distance: { by: 'mm', mm: 1 }, lineMm: null },
  castEdge: { kind: 'castEdge', distance: { by: 'height', share: 0.08 }, towardDeg: 45 },
  backing: { kind: 'backing', body: 'rounded', distance: { by: 'mm', mm: 5 }, hole: null },
  plate: { kind: 'plate', body: 'rounded', distance: { by: 'mm', mm: 5 }, hole: null },
};

const SLOT_NAMES: Readonly<Record<ShapeKind, string>> = {
  border: 'border',
  inside: 'inside',
  castEdge: 'edge',
  backing: 'backing',
  plate: 'plate',
};

/** A layer more, under all that there is or on it: in a film of the run that is told from the letters and from the blank. */
export function addLayer(
  spec: RunSpec,
  at: PlaceAt | null,
  kind: Exclude<ShapeKind, 'plate'>,
  randomBytes: RandomBytes,
): RunSpec {
  const { lettering } = placeAt(spec, at);
  if (!mayAddLayer(lettering)) return spec;
  const layer: Layer = {
    id: makeId<'layer'>(randomBytes),
    slot: freeName(lettering, SLOT_NAMES[kind]),
    make: kind === 'border' ? nextBorder(lettering) : FIRST[kind],
  };
  const filmId = tellingFilm(spec, at);
  const changed = changeLettering(spec, at, (one) => ({
    ...one,
    layers: kind === 'inside' ? [...one.layers, layer] : [layer, ...one.layers],
  }));
  return withFilms(changed, { [layer.slot]: filmId });
}

/** Wider than the widest by what that one began with. */
function nextBorder(lettering: Lettering): ShapeMake {
  const first = FIRST.border;
  const widest = shapeLayersOf(lettering).find(({ make }) => make.kind === 'border')?.make.distance;
  if (!widest) return first;
  const distance: Reach =
    widest.by === 'height'
      ? { by: 'height', share: Math.min(1, widest.share * 2) }
      : { by: 'mm', mm: Math.min(50, widest.mm + 1.5) };
  return { ...first, distance };
}

/** Another kind than it is changes nothing: a layer stays what it was added as. */
export function changeLayer(spec: RunSpec, at: PlaceAt | null, layerId: string, make: ShapeMake): RunSpec {
  return changeOne(spec, at, layerId, (layer) => (layer.make.kind === make.kind ? { ...layer, make } : layer));
}

/** What becomes of it where others lie on it; null: all of it stays. */
export function changeUnder(spec: RunSpec, at: PlaceAt | null, layerId: string, under: LayerUnder | null): RunSpec {
  return changeOne(spec, at, layerId, ({ under: _, ...layer }) => (under ? { ...layer, under } : layer));
}

function changeOne(spec: RunSpec, at: PlaceAt | null, layerId: string, change: (layer: Layer) => Layer): RunSpec {
  return changeLettering(spec, at, (lettering) => ({
    ...lettering,
    layers: lettering.layers.map((layer) => (layer.id === layerId ? change(layer) : layer)),
  }));
}

/** The letters are taken out of a plate, all colours of them, or cut themselves again. */
export function setPlate(spec: RunSpec, at: PlaceAt | null, isPlate: boolean): RunSpec {
  const { lettering } = placeAt(spec, at);
  const isText = ({ make }: Layer) => make.kind === 'text';
  const ground = lettering.layers.find(({ make }) => make.kind === (isPlate ? 'text' : 'plate'));
  if (!ground) return spec;
  const turned: Layer = { ...ground, make: isPlate ? FIRST.plate : { kind: 'text' } };
  const dropped = lettering.layers.filter((layer) => isPlate && layer.id !== ground.id && isText(layer));
  const changed = changeLettering(spec, at, (one) => ({
    ...one,
    layers: one.layers
      .filter((layer) => !dropped.includes(layer))
      .map((layer) => (layer.id === ground.id ? turned : layer)),
  }));
  return dropped.reduce((now, { slot }) => withoutFilms(now, slot), changed);
}

/** With its films, and the column that says them, wherever no lettering of the place has that colour any more. */
export function dropLayer(spec: RunSpec, at: PlaceAt | null, layerId: string): RunSpec {
  const shape = shapeLayersOf(placeAt(spec, at).lettering).find(
    ({ id, make }) => id === layerId && make.kind !== 'plate',
  );
  if (!shape) return spec;
  const changed = changeLettering(spec, at, (lettering) => ({
    ...lettering,
    layers: lettering.layers.filter(({ id }) => id !== layerId),
  }));
  return withoutFilms(changed, shape.slot);
}

/** `border`, then `border 2`. */
function freeName({ layers }: Lettering, name: string): string {
  const taken = new Set(layers.map(({ slot }) => slot));
  let no = 1;
  const nameOf = () => (no === 1 ? name : `${name} ${no}`);
  while (taken.has(nameOf())) no++;
  return nameOf();
}
