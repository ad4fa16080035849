import { presentOrThrow } from '../outcome';
import {
  measuredOf,
  type Blank,
  type Lettering,
  type Material,
  type MeasuredPlace,
  type PlaceRole,
  type Variant,
} from '../shop';
import {
  findBlank,
  findLettering,
  findMaterial,
  findSizeGroup,
  placeLayers,
  variantFor,
  type BlankUse,
  type PlaceUse,
  type RunSpec,
  type SizeGroup,
} from '../spec';

/** Which place a screen works on; `variantId` is null where the one that stands for all will do. */
export interface PlaceAt {
  readonly useId: string;
  readonly placeId: string;
  readonly variantId: string | null;
}

/** A place of a use with everything it leads to. */
export interface MainPlace {
  readonly at: PlaceAt;
  readonly use: BlankUse;
  readonly placeUse: PlaceUse;
  readonly role: PlaceRole;
  readonly blank: Blank;
  readonly variant: Variant;
  readonly measured: MeasuredPlace;
  readonly lettering: Lettering;
  /** What is cut for each colour slot of the lettering; one that is drawn alone is cut from nothing. */
  readonly slots: readonly PlaceSlot[];
  readonly sizeGroup: SizeGroup;
}

export interface PlaceSlot {
  readonly slot: string;
  readonly materialId: string;
  readonly material: Material;
}

/** The first place of the first use. */
export function mainPlace(spec: RunSpec): MainPlace {
  return placeAt(spec, null);
}

/** The named place; the first one when it is not (or no longer) part of the run. */
export function placeAt(spec: RunSpec, at: PlaceAt | null): MainPlace {
  // eslint-disable-next-line no-restricted-syntax -- screens open with the first one as long as nobody chose another
  const use = presentOrThrow(spec.uses.find(({ id }) => id === at?.useId) ?? spec.uses[0], 'a use');
  const placeUse = use.places.find(({ placeId }) => placeId === at?.placeId) ?? use.places[0]!;
  const blank = findBlank(spec, use.blankId);
  const asked = blank.variants.find(({ id }) => id === at?.variantId);
  const variant = asked ?? variantFor(spec, use);
  const lettering = findLettering(spec, placeUse.letteringId);
  return {
    at: { useId: use.id, placeId: placeUse.placeId, variantId: asked?.id ?? null },
    use,
    placeUse,
    role: presentOrThrow(
      blank.places.find(({ id }) => id === placeUse.placeId),
      `place ${placeUse.placeId}`,
    ),
    blank,
    variant,
    measured: presentOrThrow(measuredOf(blank, variant, placeUse.placeId), 'the measures of the place'),
    lettering,
    slots: [...new Set(placeLayers(lettering, placeUse).flatMap(({ slot, tool }) => (tool ? [] : slot)))].map(
      (slot) => {
        const materialId = presentOrThrow(placeUse.materials[slot], `material for ${slot}`);
        return { slot, materialId, material: findMaterial(spec, materialId) };
      },
    ),
    sizeGroup: findSizeGroup(spec, placeUse.sizeGroupId),
  };
}

/** Every place that the run letters, in the order of uses. */
export function placesOf(spec: RunSpec): readonly MainPlace[] {
  return spec.uses.flatMap(({ id, places }) =>
    places.map(({ placeId }) => placeAt(spec, { useId: id, placeId, variantId: null })),
  );
}
