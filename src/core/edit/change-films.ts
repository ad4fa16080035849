import { type Copy, type Material, wordKey } from '../shop';
import { type FilmRule, type PlaceUse, type RunSpec, columnValues } from '../spec';
import { putMaterialCopy } from './change';
import { changePlaceUse } from './change-place';
import { type PlaceAt, placeAt } from './main-place';

/**
 * The film of a colour slot goes by a column of the list from now on, or is the same for all again with null. What the column says
 * is looked for among the films at hand, by their names, then by their colours in the slot's own kind.
 */
export function changeFilmColumn(
  spec: RunSpec,
  at: PlaceAt | null,
  {
    slot,
    field,
    atHand,
  }: { readonly slot: string; readonly field: string | null; readonly atHand: readonly Copy<Material>[] },
): RunSpec {
  if (field === null) return changePlaceUse(spec, at, (place) => ({ ...place, films: withoutSlot(place, slot) }));
  const { slots } = placeAt(spec, at);
  const kind = slots.find((one) => one.slot === slot)?.material.kind ?? null;
  const start = changePlaceUse(spec, at, (place) => ({
    ...place,
    films: { ...place.films, [slot]: { field, named: [] } },
  }));
  return columnValues(spec, field).reduce((now, { value }) => {
    const found = filmLike(value, kind, atHand);
    return found ? nameFilm(now, at, { slot, value, film: found }) : now;
  }, start);
}

/** Everybody whose column says this has it cut from this film, which the run takes a copy of. */
export function nameFilm(
  spec: RunSpec,
  at: PlaceAt | null,
  { slot, value, film }: { readonly slot: string; readonly value: string; readonly film: Copy<Material> },
): RunSpec {
  const isKnown = spec.shop.materials.some(({ id }) => id === film.id);
  return changePlaceUse(
    isKnown ? spec : putMaterialCopy(spec, { id: film.id, fromRev: film.fromRev, value: film.value }),
    at,
    (place) => {
      const rule = place.films?.[slot];
      if (!rule) return place;
      const others = rule.named.filter((one) => wordKey(one.value) !== wordKey(value));
      return {
        ...place,
        films: { ...place.films, [slot]: { ...rule, named: [...others, { value, materialId: film.id }] } },
      };
    },
  );
}

function withoutSlot({ films }: PlaceUse, slot: string): Record<string, FilmRule> {
  return Object.fromEntries(Object.entries(films ?? {}).filter(([own]) => own !== slot));
}

function filmLike(
  value: string,
  kind: Material['kind'] | null,
  atHand: readonly Copy<Material>[],
): Copy<Material> | undefined {
  const key = wordKey(value);
  if (key === '') return undefined;
  return (
    atHand.find(({ value: { name } }) => wordKey(name) === key) ??
    atHand.find(({ value: film }) => film.kind === kind && wordKey(film.colour.name) === key)
  );
}
