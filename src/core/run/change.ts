import { mainPlace } from './main-place';
import { type RandomBytes, makeId } from './ids';
import { type SlotRef, slotKeyOf } from './refs';
import type {
  LayoutWish,
  ListReading,
  Override,
  Wording,
  Lettering,
  Material,
  MeasuredPlace,
  PlaceUse,
  RunSpec,
  SizeRule,
  Variant,
} from './run-spec';

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

/** The run's own copy of one material. */
export function changeMaterialValue(
  spec: RunSpec,
  materialId: string,
  change: (material: Material) => Material,
): RunSpec {
  const materials = spec.shop.materials.map((copy) =>
    copy.id === materialId ? { ...copy, value: change(copy.value) } : copy,
  );
  return { ...spec, shop: { ...spec.shop, materials } };
}

export function changeRule(spec: RunSpec, rule: SizeRule): RunSpec {
  const { sizeGroup } = mainPlace(spec);
  return {
    ...spec,
    sizeGroups: spec.sizeGroups.map((group) => (group.id === sizeGroup.id ? { ...group, rule } : group)),
  };
}

/** The run's own copy of the lettering in use. */
export function changeLettering(spec: RunSpec, change: (lettering: Lettering) => Lettering): RunSpec {
  const { placeUse } = mainPlace(spec);
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === placeUse.letteringId ? { ...copy, value: change(copy.value) } : copy,
  );
  return { ...spec, shop: { ...spec.shop, letterings } };
}

export function changeLeastHeight(spec: RunSpec, minLetterHeightMm: number): RunSpec {
  return changeLettering(spec, (lettering) => ({ ...lettering, minLetterHeightMm }));
}

/** Case and tracking of every line of the lettering in use. */
export function changeLines(
  spec: RunSpec,
  part: Partial<Pick<Lettering['lines'][number], 'caseForm' | 'trackingEm'>>,
): RunSpec {
  return changeLettering(spec, (lettering) => ({
    ...lettering,
    lines: lettering.lines.map((line) => ({ ...line, ...part })),
  }));
}

/** Title, day and language of the run. */
export function changeHead(spec: RunSpec, head: Partial<Pick<RunSpec, 'title' | 'dueOn' | 'language'>>): RunSpec {
  return { ...spec, ...head };
}

export function changeLayout(spec: RunSpec, change: Partial<LayoutWish>): RunSpec {
  return { ...spec, layout: { ...spec.layout, ...change } };
}

export function changeList(spec: RunSpec, change: Partial<ListReading>): RunSpec {
  return { ...spec, list: { ...spec.list, ...change } };
}

export function changeMonogram(spec: RunSpec, change: Partial<RunSpec['monogram']>): RunSpec {
  return { ...spec, monogram: { ...spec.monogram, ...change } };
}

/** What a place of a use says; null leaves it empty for now. */
export function changeWordingAt(
  spec: RunSpec,
  { useId, placeId }: Pick<SlotRef, 'useId' | 'placeId'>,
  wording: Wording | null,
): RunSpec {
  const uses = spec.uses.map((use) =>
    use.id === useId
      ? { ...use, places: use.places.map((place) => (place.placeId === placeId ? { ...place, wording } : place)) }
      : use,
  );
  return { ...spec, uses };
}

/** Sets the exception of one entry at one place, or takes it back with `undefined`. */
export function setOverride(
  spec: RunSpec,
  at: SlotRef,
  lines: readonly string[] | null | undefined,
  randomBytes: RandomBytes,
): RunSpec {
  const key = slotKeyOf(at);
  const known = spec.overrides.find((override) => slotKeyOf(override.at as SlotRef) === key);
  const others = spec.overrides.filter((override) => override !== known);
  if (lines === undefined) return known ? { ...spec, overrides: others } : spec;
  const set: Override = { id: known?.id ?? makeId(randomBytes), at, set: { kind: 'wording', lines } };
  return { ...spec, overrides: known ? spec.overrides.map((o) => (o === known ? set : o)) : [...others, set] };
}
