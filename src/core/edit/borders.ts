import { contrastOf } from '../colour';
import { type RandomBytes, makeId } from '../ids';
import { type BorderMake, type Layer, type Lettering, MOST_LAYERS, processOf } from '../shop';
import type { RunSpec } from '../spec';
import { changeLettering } from './change';
import { withFilms, withoutFilms } from './change-place';
import { type PlaceAt, placeAt } from './main-place';

/** Borders of the lettering in use: layers under its letters that show around them. */

export interface BorderLayer extends Omit<Layer, 'make'> {
  readonly make: BorderMake;
}

/** Bottom up, so that the widest stands first. */
export function bordersOf({ layers }: Pick<Lettering, 'layers'>): readonly BorderLayer[] {
  return layers.flatMap((layer) => (layer.make.kind === 'border' ? [{ ...layer, make: layer.make }] : []));
}

/** What a new one starts as, and by how much a further one is wider. */
const FIRST_MM = 1.5;

export function mayAddBorder({ layers }: Pick<Lettering, 'layers'>): boolean {
  return layers.length < MOST_LAYERS;
}

/** A border more, under all that there is: in a film of the run that is told from the letters and from the blank. */
export function addBorder(spec: RunSpec, at: PlaceAt | null, randomBytes: RandomBytes): RunSpec {
  const { lettering } = placeAt(spec, at);
  if (!mayAddBorder(lettering)) return spec;
  const borders = bordersOf(lettering);
  const [widest] = borders;
  const distance: BorderMake['distance'] =
    widest?.make.distance.by === 'height'
      ? { by: 'height', share: Math.min(1, widest.make.distance.share * 2) }
      : { by: 'mm', mm: (widest?.make.distance.mm ?? 0) + FIRST_MM };
  const layer: Layer = {
    id: makeId<'layer'>(randomBytes),
    slot: freeName(lettering),
    make: { kind: 'border', distance, fillsUnderMm: 1 },
  };
  const filmId = borderFilm(spec, at);
  const changed = changeLettering(spec, at, (one) => ({ ...one, layers: [layer, ...one.layers] }));
  return withFilms(changed, { [layer.slot]: filmId });
}

export function changeBorder(spec: RunSpec, at: PlaceAt | null, layerId: string, part: Partial<BorderMake>): RunSpec {
  return changeLettering(spec, at, (lettering) => ({
    ...lettering,
    layers: lettering.layers.map((layer) =>
      layer.id === layerId && layer.make.kind === 'border' ? { ...layer, make: { ...layer.make, ...part } } : layer,
    ),
  }));
}

/** With its films, and the column that says them, wherever no lettering of the place has that colour any more. */
export function dropBorder(spec: RunSpec, at: PlaceAt | null, layerId: string): RunSpec {
  const border = bordersOf(placeAt(spec, at).lettering).find(({ id }) => id === layerId);
  if (!border) return spec;
  const changed = changeLettering(spec, at, (lettering) => ({
    ...lettering,
    layers: lettering.layers.filter(({ id }) => id !== layerId),
  }));
  return withoutFilms(changed, border.slot);
}

/** `border`, then `border 2`. */
function freeName({ layers }: Lettering): string {
  const taken = new Set(layers.map(({ slot }) => slot));
  let no = 1;
  const nameOf = () => (no === 1 ? 'border' : `border ${no}`);
  while (taken.has(nameOf())) no++;
  return nameOf();
}

/** Of the films that are bonded as the letters are, the one that is told best from both. */
function borderFilm(spec: RunSpec, at: PlaceAt | null): string {
  const { variant, lettering, placeUse, slots } = placeAt(spec, at);
  const letters = lettering.layers.find(({ make }) => make.kind === 'text');
  const own = slots.find(({ slot }) => slot === letters?.slot);
  const fallback = own?.materialId ?? Object.values(placeUse.materials)[0] ?? '';
  if (!own) return fallback;
  const told = (hex: string) => Math.min(contrastOf(hex, own.material.colour.hex), contrastOf(hex, variant.colour.hex));
  const films = spec.shop.materials.filter(
    ({ value }) => processOf(value) === processOf(own.material) && value.kind === own.material.kind,
  );
  const [best] = [...films].sort((a, b) => told(b.value.colour.hex) - told(a.value.colour.hex));
  return best?.id ?? fallback;
}
