import { mainPlace } from './main-place';
import type { LayoutWish, MeasuredPlace, PlaceUse, RunSpec, SizeRule, Variant } from './run-spec';

/** Changes of a spec as functions from spec to spec: what is not named stays the very same object. */

function changeVariant(spec: RunSpec, change: (variant: Variant) => Variant): RunSpec {
  const { use, variant } = mainPlace(spec);
  const blanks = spec.shop.blanks.map((copy) =>
    copy.id === use.blankId
      ? {
          ...copy,
          value: { ...copy.value, variants: copy.value.variants.map((v) => (v.id === variant.id ? change(v) : v)) },
        }
      : copy,
  );
  return { ...spec, shop: { ...spec.shop, blanks } };
}

export function changePlace(spec: RunSpec, change: (place: MeasuredPlace) => MeasuredPlace): RunSpec {
  const { placeUse, measured } = mainPlace(spec);
  return changeVariant(spec, (variant) => ({
    ...variant,
    places: { ...variant.places, [placeUse.placeId]: change(measured) },
  }));
}

export function changeBody(spec: RunSpec, body: Variant['body']): RunSpec {
  return changeVariant(spec, (variant) => ({ ...variant, body }));
}

export function changeColour(spec: RunSpec, colour: Variant['colour']): RunSpec {
  return changeVariant(spec, (variant) => ({ ...variant, colour }));
}

export function changePlaceUse(spec: RunSpec, change: (place: PlaceUse) => PlaceUse): RunSpec {
  const { use, placeUse } = mainPlace(spec);
  const uses = spec.uses.map((u) =>
    u.id === use.id ? { ...u, places: u.places.map((p) => (p === placeUse ? change(p) : p)) } : u,
  );
  return { ...spec, uses };
}

/** Every slot of the lettering is cut from this material. */
export function changeMaterial(spec: RunSpec, materialId: string): RunSpec {
  return changePlaceUse(spec, (place) => ({
    ...place,
    materials: Object.fromEntries(Object.keys(place.materials).map((slot) => [slot, materialId])),
  }));
}

export function changeRule(spec: RunSpec, rule: SizeRule): RunSpec {
  const { sizeGroup } = mainPlace(spec);
  return {
    ...spec,
    sizeGroups: spec.sizeGroups.map((group) => (group.id === sizeGroup.id ? { ...group, rule } : group)),
  };
}

export function changeLeastHeight(spec: RunSpec, minLetterHeightMm: number): RunSpec {
  const { placeUse } = mainPlace(spec);
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === placeUse.letteringId ? { ...copy, value: { ...copy.value, minLetterHeightMm } } : copy,
  );
  return { ...spec, shop: { ...spec.shop, letterings } };
}

export function changeLayout(spec: RunSpec, change: Partial<LayoutWish>): RunSpec {
  return { ...spec, layout: { ...spec.layout, ...change } };
}
