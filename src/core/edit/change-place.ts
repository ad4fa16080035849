import { type RandomBytes, makeId } from '../ids';
import { type PlaceAt, placeAt } from './main-place';
import { measuredOf, type Blank, type MeasuredPlace, type Variant } from '../shop';
import type { BlankUse, PlaceUse, RunSpec, SizeGroup, SizeRule } from '../spec';

/** Changes of one place of a run and of what it leads to. `at` null: the first one. */

/** The run's own copy of one blank. */
export function changeBlank(spec: RunSpec, blankId: string, change: (blank: Blank) => Blank): RunSpec {
  const blanks = spec.shop.blanks.map((copy) => (copy.id === blankId ? { ...copy, value: change(copy.value) } : copy));
  return { ...spec, shop: { ...spec.shop, blanks } };
}

/** One size and colour of a blank. */
export function changeVariantOf(blank: Blank, variantId: string, change: (variant: Variant) => Variant): Blank {
  return { ...blank, variants: blank.variants.map((one) => (one.id === variantId ? change(one) : one)) };
}

/** One place on one size and colour; a twin that was the mirror image so far gets measures of its own by it. */
export function changeMeasures(
  blank: Blank,
  variantId: string,
  placeId: string,
  change: (place: MeasuredPlace) => MeasuredPlace,
): Blank {
  return changeVariantOf(blank, variantId, (variant) => {
    const measured = measuredOf(blank, variant, placeId);
    return measured ? { ...variant, places: { ...variant.places, [placeId]: change(measured) } } : variant;
  });
}

/** The size and colour that is looked at. */
export function changeVariant(spec: RunSpec, at: PlaceAt | null, change: (variant: Variant) => Variant): RunSpec {
  const { use, variant } = placeAt(spec, at);
  return changeBlank(spec, use.blankId, (blank) => changeVariantOf(blank, variant.id, change));
}

/** The measures of the place that is looked at. */
export function changePlace(
  spec: RunSpec,
  at: PlaceAt | null,
  change: (place: MeasuredPlace) => MeasuredPlace,
): RunSpec {
  const { use, placeUse, variant } = placeAt(spec, at);
  return changeBlank(spec, use.blankId, (blank) => changeMeasures(blank, variant.id, placeUse.placeId, change));
}

export function changeUse(spec: RunSpec, useId: string, change: (use: BlankUse) => BlankUse): RunSpec {
  return { ...spec, uses: spec.uses.map((use) => (use.id === useId ? change(use) : use)) };
}

export function changePlaceUse(spec: RunSpec, at: PlaceAt | null, change: (place: PlaceUse) => PlaceUse): RunSpec {
  const { use, placeUse } = placeAt(spec, at);
  return withFilms(
    changeUse(spec, use.id, (u) => ({ ...u, places: u.places.map((p) => (p === placeUse ? change(p) : p)) })),
  );
}

/** Every colour of every place's lettering is cut from something: from what `films` says, else from the place's first film. */
export function withFilms(spec: RunSpec, films: Readonly<Record<string, string>> = {}): RunSpec {
  return changePlaces(spec, (place, slots) => {
    const missing = [...slots].filter((slot) => !Object.hasOwn(place.materials, slot));
    if (missing.length === 0) return place;
    const [first = ''] = Object.values(place.materials);
    const added = Object.fromEntries(missing.map((slot) => [slot, films[slot] ?? first]));
    return { ...place, materials: { ...place.materials, ...added } };
  });
}

/** What a colour is cut from goes from every place whose letterings do not have it. */
export function withoutFilms(spec: RunSpec, slot: string): RunSpec {
  return changePlaces(spec, (place, slots) => {
    if (slots.has(slot)) return place;
    const without = <V>(record: Readonly<Record<string, V>>) =>
      Object.fromEntries(Object.entries(record).filter(([own]) => own !== slot));
    const { materials, films } = place;
    return { ...place, materials: without(materials), ...(films ? { films: without(films) } : {}) };
  });
}

/** Every place, with the colours of its lettering, of its motif and of those that single texts have there; what is not changed stays the same object. */
function changePlaces(spec: RunSpec, change: (place: PlaceUse, slots: ReadonlySet<string>) => PlaceUse): RunSpec {
  const slotsOf = new Map(spec.shop.letterings.map(({ id, value }) => [id, value.layers.map(({ slot }) => slot)]));
  const changed = (useId: string, place: PlaceUse): PlaceUse => {
    const own = spec.overrides.flatMap(({ at, set }) =>
      set.kind === 'lettering' && at.useId === useId && at.placeId === place.placeId ? [set.letteringId] : [],
    );
    const beside = place.motif?.layers.map(({ slot }) => slot) ?? [];
    return change(place, new Set([...[place.letteringId, ...own].flatMap((id) => slotsOf.get(id) ?? []), ...beside]));
  };
  const uses = spec.uses.map((use): BlankUse => {
    const places = use.places.map((place) => changed(use.id, place));
    return places.every((place, i) => place === use.places[i]) ? use : { ...use, places };
  });
  return uses.every((use, i) => use === spec.uses[i]) ? spec : { ...spec, uses };
}

/** What is cut for one colour slot of the lettering; for all of them where none is named. */
export function changeMaterial(spec: RunSpec, at: PlaceAt | null, materialId: string, slot?: string): RunSpec {
  return changePlaceUse(spec, at, (place) => ({
    ...place,
    materials: Object.fromEntries(
      Object.entries(place.materials).map(([own, before]) => [
        own,
        slot === undefined || slot === own ? materialId : before,
      ]),
    ),
  }));
}

/** The size group of the place that is looked at. */
export function changeSizeGroup(spec: RunSpec, at: PlaceAt | null, change: Partial<Omit<SizeGroup, 'id'>>): RunSpec {
  const { sizeGroup } = placeAt(spec, at);
  return {
    ...spec,
    sizeGroups: spec.sizeGroups.map((group) => (group.id === sizeGroup.id ? { ...group, ...change } : group)),
  };
}

/** The place is sized together with another one, or by itself again with `null`; groups that nobody belongs to go. */
export function sizeWith(
  spec: RunSpec,
  at: PlaceAt | null,
  sizeGroupId: string | null,
  randomBytes: RandomBytes,
): RunSpec {
  const { sizeGroup } = placeAt(spec, at);
  const own = sizeGroupId === null ? { ...sizeGroup, id: makeId<'size'>(randomBytes) as string } : null;
  const changed = changePlaceUse(spec, at, (place) => ({
    ...place,
    sizeGroupId: own?.id ?? sizeGroupId ?? place.sizeGroupId,
  }));
  const used = new Set(changed.uses.flatMap(({ places }) => places.map((place) => place.sizeGroupId)));
  const groups = own ? [...changed.sizeGroups, own] : changed.sizeGroups;
  return { ...changed, sizeGroups: groups.filter(({ id }) => used.has(id)) };
}

export function changeRule(spec: RunSpec, at: PlaceAt | null, rule: SizeRule): RunSpec {
  return changeSizeGroup(spec, at, { rule });
}
