import { measuredOf, type Blank } from '../shop';
import type { BlankUse, PlaceUse, RunSpec } from './run-spec';

/** A reference in a spec that leads nowhere, or an id that stands twice. `field` is a path such as `uses.0.blankId`. */
export interface SpecFault {
  readonly kind: 'unknownId' | 'idTwice';
  readonly field: string;
  readonly id: string;
}

/** What the schema cannot see: every id that is used exists, and none exists twice. Empty when all is well. */
export function specFaults(spec: RunSpec): SpecFault[] {
  return [
    ...doubledIds(spec),
    ...spec.uses.flatMap((use, i) => useFaults(spec, use, `uses.${i}`)),
    ...bedFaults(spec),
    ...overrideFaults(spec),
  ];
}

function doubledIds(spec: RunSpec): SpecFault[] {
  const lists: [string, readonly { readonly id: string }[]][] = [
    ['entries', spec.entries],
    ['uses', spec.uses],
    ['sizeGroups', spec.sizeGroups],
    ['shop.blanks', spec.shop.blanks],
    ['shop.materials', spec.shop.materials],
    ['shop.beds', spec.shop.beds],
    ['shop.letterings', spec.shop.letterings],
    ...spec.shop.blanks.flatMap(({ value }, i): [string, readonly { readonly id: string }[]][] => [
      [`shop.blanks.${i}.value.places`, value.places],
      [`shop.blanks.${i}.value.variants`, value.variants],
    ]),
  ];
  return lists.flatMap(([name, list]) => {
    const seen = new Set<string>();
    return list.flatMap(({ id }, i) => {
      if (!seen.has(id)) {
        seen.add(id);
        return [];
      }
      return [{ kind: 'idTwice' as const, field: `${name}.${i}.id`, id }];
    });
  });
}

function unknown(known: readonly { readonly id: string }[], id: string, field: string): SpecFault[] {
  return known.some((thing) => thing.id === id) ? [] : [{ kind: 'unknownId', field, id }];
}

function useFaults(spec: RunSpec, use: BlankUse, path: string): SpecFault[] {
  const blank = spec.shop.blanks.find(({ id }) => id === use.blankId)?.value;
  if (!blank) return unknown(spec.shop.blanks, use.blankId, `${path}.blankId`);
  return [
    ...(use.variant.kind === 'fixed'
      ? unknown(blank.variants, use.variant.variantId, `${path}.variant.variantId`)
      : []),
    ...use.places.flatMap((place, i) => placeFaults(spec, blank, use, place, `${path}.places.${i}`)),
  ];
}

function placeFaults(spec: RunSpec, blank: Blank, use: BlankUse, place: PlaceUse, path: string): SpecFault[] {
  const lettering = spec.shop.letterings.find(({ id }) => id === place.letteringId)?.value;
  const { variant: choice } = use;
  const taken = blank.variants.filter(({ id }) => choice.kind === 'byColumn' || id === choice.variantId);
  const isMeasured = taken.every((variant) => measuredOf(blank, variant, place.placeId) !== null);
  return [
    ...unknown(blank.places, place.placeId, `${path}.placeId`),
    ...(isMeasured ? [] : [{ kind: 'unknownId' as const, field: `${path}.placeId`, id: place.placeId }]),
    ...unknown(spec.sizeGroups, place.sizeGroupId, `${path}.sizeGroupId`),
    ...unknown(spec.shop.letterings, place.letteringId, `${path}.letteringId`),
    ...(lettering?.layers ?? []).flatMap(({ slot }) =>
      unknown(spec.shop.materials, place.materials[slot] ?? '', `${path}.materials.${slot}`),
    ),
  ];
}

function bedFaults(spec: RunSpec): SpecFault[] {
  return unknown(spec.shop.beds, spec.layout.bedId, 'layout.bedId');
}

/** An exception of an entry that is gone does nothing; one that names a lettering or film has to lead to it. */
function overrideFaults({ overrides, shop }: RunSpec): SpecFault[] {
  return overrides.flatMap(({ set }, i) => {
    if (set.kind === 'lettering') return unknown(shop.letterings, set.letteringId, `overrides.${i}.set.letteringId`);
    if (set.kind === 'material') return unknown(shop.materials, set.materialId, `overrides.${i}.set.materialId`);
    return [];
  });
}
