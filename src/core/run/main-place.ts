import { presentOrThrow } from '../outcome';
import { findBlank, findLettering, findMaterial, findSizeGroup, variantFor } from './lookup';
import type {
  Blank,
  BlankUse,
  Lettering,
  Material,
  MeasuredPlace,
  PlaceUse,
  RunSpec,
  SizeGroup,
  Variant,
} from './run-spec';

/** The first place of the first use, with everything it leads to. The screens work on this one. */
export interface MainPlace {
  readonly use: BlankUse;
  readonly placeUse: PlaceUse;
  readonly blank: Blank;
  readonly variant: Variant;
  readonly measured: MeasuredPlace;
  readonly lettering: Lettering;
  /** What the lettering's lowest layer is cut from. */
  readonly materialId: string;
  readonly material: Material;
  readonly sizeGroup: SizeGroup;
}

export function mainPlace(spec: RunSpec): MainPlace {
  const use = presentOrThrow(spec.uses[0], 'a use');
  const placeUse = presentOrThrow(use.places[0], 'a place of the use');
  const variant = variantFor(spec, use);
  const lettering = findLettering(spec, placeUse.letteringId);
  const slot = presentOrThrow(lettering.layers[0], 'a layer of the lettering').slot;
  const materialId = presentOrThrow(placeUse.materials[slot], `material for ${slot}`);
  return {
    use,
    placeUse,
    blank: findBlank(spec, use.blankId),
    variant,
    measured: presentOrThrow(variant.places[placeUse.placeId], 'the measures of the place'),
    lettering,
    materialId,
    material: findMaterial(spec, materialId),
    sizeGroup: findSizeGroup(spec, placeUse.sizeGroupId),
  };
}
