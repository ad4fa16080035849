import { type Copy, type Material, bearsFilm, processOf, wordKey } from '../shop';
import type { RunSpec } from '../spec';
import { putMaterialCopy } from './change';
import { changeMaterial } from './change-place';
import { type PlaceAt, placeAt } from './main-place';

/** A colour slot left to whatever film of its colour is there: which one is said before it is cut. */

/** Those that may be laid for it: of one process, since a name cannot be mirrored for one and not for another, and of one colour. */
export function filmsOfColour<C extends Copy<Material>>(
  film: Pick<Material, 'kind' | 'colour'>,
  atHand: readonly C[],
): readonly C[] {
  const isAlike = ({ open, ...other }: Material) =>
    !open &&
    processOf(other) === processOf(film) &&
    (other.colour.hex === film.colour.hex || wordKey(other.colour.name) === wordKey(film.colour.name));
  return atHand.filter(({ value }) => isAlike(value));
}

/**
 * The slot is cut from whatever of its colour is there. It counts as what of those asks for most: the coarsest cut, nothing over it where
 * nothing may go over one of them, one way to lie where one has a pattern.
 */
export function leaveFilmOpen(
  spec: RunSpec,
  at: PlaceAt | null,
  slot: string,
  atHand: readonly Copy<Material>[],
): RunSpec {
  const film = placeAt(spec, at).slots.find((one) => one.slot === slot)?.material;
  if (!film || film.open) return spec;
  const { materials } = spec.shop;
  const known = materials.find(
    ({ value }) => value.open && filmsOfColour(value, [{ id: '', fromRev: null, value: film }]).length,
  );
  if (known) return changeMaterial(spec, at, known.id, slot);
  const value = openFilm(
    film,
    filmsOfColour(film, atHand).map((one) => one.value),
  );
  const id = freeId(`any-${idWord(value.colour.name)}`, materials);
  return changeMaterial(putMaterialCopy(spec, { id, fromRev: null, value }), at, id, slot);
}

/** It is this film: everywhere where it was open, also in what is released. */
export function settleFilm(spec: RunSpec, openId: string, { value }: Pick<Copy<Material>, 'value'>): RunSpec {
  const isOpen = spec.shop.materials.some((copy) => copy.id === openId && copy.value.open);
  return isOpen ? putMaterialCopy(spec, { id: openId, fromRev: null, value }) : spec;
}

function openFilm(film: Material, others: readonly Material[]): Material {
  const all = [film, ...others];
  const most = (part: keyof Material['finest']) => Math.max(...all.map(({ finest }) => finest[part]));
  const demanding = all.toSorted(
    (a, b) => Number(bearsFilm(a.kind)) - Number(bearsFilm(b.kind)) || b.finest.strokeMm - a.finest.strokeMm,
  );
  const pattern = all.find((one) => one.pattern !== undefined)?.pattern;
  return {
    name: `whatever of ${film.colour.name} is there`,
    kind: demanding[0]?.kind ?? film.kind,
    colour: film.colour,
    ...(pattern ? { pattern } : {}),
    finest: { strokeMm: most('strokeMm'), gapMm: most('gapMm'), holeMm: most('holeMm') },
    bought: null,
    priceCents: null,
    currency: film.currency,
    blade: '',
    note: '',
    open: true,
  };
}

/** Letters and digits alone, as ids have them. */
function idWord(words: string): string {
  return (
    wordKey(words)
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '') || 'colour'
  );
}

function freeId(wanted: string, taken: readonly { readonly id: string }[]): string {
  const base = wanted.slice(0, 30);
  let no = 1;
  const idOf = () => (no === 1 ? base : `${base}-${no}`);
  while (taken.some(({ id }) => id === idOf())) no++;
  return idOf();
}
