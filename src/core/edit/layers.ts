import { type RandomBytes, makeId } from '../ids';
import {
  type EdgeTool,
  type Layer,
  type LayerMake,
  type LayerUnder,
  type Lettering,
  MOST_LAYERS,
  type Reach,
  carrierIn,
  processOf,
} from '../shop';
import type { RunSpec } from '../spec';
import { changeLettering, inGroundColour } from './change';
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
  return withLayer(spec, at, layer, { isOnTop: kind === 'inside', filmId: tellingFilm(spec, at) });
}

function withLayer(
  spec: RunSpec,
  at: PlaceAt | null,
  layer: Layer,
  { isOnTop, filmId }: { readonly isOnTop: boolean; readonly filmId: string },
): RunSpec {
  const changed = changeLettering(spec, at, (one) => ({
    ...one,
    layers: isOnTop ? [...one.layers, layer] : [layer, ...one.layers],
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
  return changeLayers(spec, at, (layers) => layers.map((layer) => (layer.id === layerId ? change(layer) : layer)));
}

/** What has nothing left to be drawn on is cut. */
function changeLayers(
  spec: RunSpec,
  at: PlaceAt | null,
  change: (layers: Lettering['layers']) => readonly Layer[],
): RunSpec {
  return changeLettering(spec, at, (lettering) => {
    const layers = change(lettering.layers);
    return { ...lettering, layers: layers.map((layer, i) => (carrierIn(layers, i) ? layer : asCut(layer))) };
  });
}

function asCut(layer: Layer): Layer {
  if (!layer.tool) return layer;
  const { tool: _, ...cut } = layer;
  return cut;
}

/** How letters come to be. */
export type LettersAre = 'cut' | 'plate' | EdgeTool['by'];

/** Of one colour; what is left open in a plate is so in all of them. */
export function lettersAre({ layers }: Pick<Lettering, 'layers'>, slot: string): LettersAre {
  if (layers.some(({ make }) => make.kind === 'plate')) return 'plate';
  return layers.find((layer) => isText(layer) && layer.slot === slot)?.tool?.by ?? 'cut';
}

/** As wide as a usual pen draws, and as a point presses. */
const FIRST_LINE_MM: Readonly<Record<EdgeTool['by'], number>> = { draw: 0.5, mark: 0.3 };

export interface LettersWish {
  readonly slot: string;
  readonly are: LettersAre;
}

/**
 * The letters of a colour are cut, left open in a plate, drawn or marked. What is drawn needs something to be drawn on: where nothing of that lies
 * below, a card as large as the place does from now on.
 */
export function setLetters(
  spec: RunSpec,
  at: PlaceAt | null,
  { slot, are }: LettersWish,
  randomBytes: RandomBytes,
): RunSpec {
  if (are === lettersAre(placeAt(spec, at).lettering, slot)) return spec;
  const turned = setPlate(spec, at, are === 'plate');
  if (are === 'plate') return turned;
  // A plate has one colour for words of all.
  const text = turned === spec ? spec : inGroundColour(turned, placeAt(turned, at).placeUse.letteringId);
  const isMeant = (layer: Layer) => isText(layer) && layer.slot === slot;
  const change = (run: RunSpec, to: (layer: Layer) => Layer) =>
    changeLayers(run, at, (layers) => layers.map((layer) => (isMeant(layer) ? to(layer) : layer)));
  if (are === 'cut') return change(text, asCut);
  const { lettering } = placeAt(text, at);
  const hasCard = carrierIn(lettering.layers, lettering.layers.findIndex(isMeant)) !== undefined;
  if (!hasCard && !mayAddLayer(lettering)) return spec;
  return change(hasCard ? text : withCard(text, at, randomBytes), (layer) => ({ ...layer, tool: firstLine(are) }));
}

/** What a line begins as. */
export function firstLine(by: EdgeTool['by']): EdgeTool {
  return { by, lineMm: FIRST_LINE_MM[by] };
}

const isText = ({ make }: Layer) => make.kind === 'text';

/** A whole place under all that there is, of card where the run has some. */
export function withCard(spec: RunSpec, at: PlaceAt | null, randomBytes: RandomBytes): RunSpec {
  const card = spec.shop.materials.find(({ value }) => processOf(value) === 'card');
  const layer: Layer = {
    id: makeId<'layer'>(randomBytes),
    slot: freeName(placeAt(spec, at).lettering, 'card'),
    make: { kind: 'backing', body: 'place', distance: { by: 'mm', mm: 5 }, hole: null },
  };
  return withLayer(spec, at, layer, { isOnTop: false, filmId: card?.id ?? tellingFilm(spec, at) });
}

/** How wide the line of drawn or marked letters of a colour is. */
export function changeLineWidth(
  spec: RunSpec,
  at: PlaceAt | null,
  { slot, lineMm }: { readonly slot: string; readonly lineMm: number },
): RunSpec {
  return changeLayers(spec, at, (layers) =>
    layers.map((layer) => (layer.tool && layer.slot === slot ? { ...layer, tool: { ...layer.tool, lineMm } } : layer)),
  );
}

/** Letters of a colour that are cut come off the bed together, or each is a piece of its own. */
export function setApart(
  spec: RunSpec,
  at: PlaceAt | null,
  { slot, isApart }: { readonly slot: string; readonly isApart: boolean },
): RunSpec {
  return changeLayers(spec, at, (layers) =>
    layers.map((layer) => {
      if (!isText(layer) || layer.slot !== slot) return layer;
      const { isApart: _, ...together } = layer;
      return isApart ? { ...together, isApart } : together;
    }),
  );
}

/** The letters are taken out of a plate, all colours of them, or cut themselves again. */
function setPlate(spec: RunSpec, at: PlaceAt | null, isPlate: boolean): RunSpec {
  const { lettering } = placeAt(spec, at);
  const ground = lettering.layers.find(({ make }) => make.kind === (isPlate ? 'text' : 'plate'));
  if (!ground) return spec;
  const turned: Layer = { ...asCut(ground), make: isPlate ? FIRST.plate : { kind: 'text' } };
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
  const changed = changeLayers(spec, at, (layers) => layers.filter(({ id }) => id !== layerId));
  return withoutFilms(changed, shape.slot);
}

/** `border`, then `border 2`. */
export function freeName({ layers }: Lettering, name: string): string {
  const taken = new Set(layers.map(({ slot }) => slot));
  let no = 1;
  const nameOf = () => (no === 1 ? name : `${name} ${no}`);
  while (taken.has(nameOf())) no++;
  return nameOf();
}
