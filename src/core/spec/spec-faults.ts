import { hasLayerFor, measuredOf, type Blank, type Lettering } from '../shop';
import { placeLayers } from './place-layers';
import type { BlankUse, PlaceUse, RunSpec } from './run-spec';
import { slotsOfRun } from './slots-said';

/** A reference in a spec that leads nowhere, an id that stands twice, or words in a colour that nothing is cut for. `field` is a path such as `uses.0.blankId`. */
export interface SpecFault {
  readonly kind: 'unknownId' | 'idTwice' | 'noLayer';
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
    ['shop.cards', spec.shop.cards],
    ['shop.motifs', spec.shop.motifs],
    ...spec.shop.blanks.flatMap(({ value }, i): [string, readonly { readonly id: string }[]][] => [
      [`shop.blanks.${i}.value.places`, value.places],
      [`shop.blanks.${i}.value.variants`, value.variants],
      ...value.variants.flatMap(({ places }, k) =>
        Object.entries(places).map(([placeId, { clear }]): [string, readonly { readonly id: string }[]] => [
          `shop.blanks.${i}.value.variants.${k}.places.${placeId}.clear`,
          clear,
        ]),
      ),
    ]),
    ...spec.shop.letterings.map(({ value }, i): [string, readonly { readonly id: string }[]] => [
      `shop.letterings.${i}.value.layers`,
      value.layers,
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
    ...use.places.flatMap((place, i) => placeFaults(spec, { blank, use, place }, `${path}.places.${i}`)),
  ];
}

interface PlaceOfUse {
  readonly blank: Blank;
  readonly use: BlankUse;
  readonly place: PlaceUse;
}

function placeFaults(spec: RunSpec, { blank, use, place }: PlaceOfUse, path: string): SpecFault[] {
  const lettering = spec.shop.letterings.find(({ id }) => id === place.letteringId)?.value;
  const { variant: choice } = use;
  const taken = blank.variants.filter(({ id }) => choice.kind === 'byColumn' || id === choice.variantId);
  const isMeasured = taken.every((variant) => measuredOf(blank, variant, place.placeId) !== null);
  return [
    ...unknown(blank.places, place.placeId, `${path}.placeId`),
    ...(isMeasured ? [] : [{ kind: 'unknownId' as const, field: `${path}.placeId`, id: place.placeId }]),
    ...unknown(spec.sizeGroups, place.sizeGroupId, `${path}.sizeGroupId`),
    ...unknown(spec.shop.letterings, place.letteringId, `${path}.letteringId`),
    ...motifFaults(spec, place, `${path}.motif`),
    ...(lettering ? colourFaults(spec, place, lettering, path) : []),
  ];
}

/** Each colour slot of a lettering is cut from something, and what is worded in a colour has a layer. */
function colourFaults({ shop }: RunSpec, place: PlaceUse, lettering: Lettering, path: string): SpecFault[] {
  const { materials, films, wording } = place;
  const { layers } = lettering;
  const all = new Set(placeLayers(lettering, place).map(({ slot }) => slot));
  return [
    ...[...all].flatMap((slot) => unknown(shop.materials, materials[slot] ?? '', `${path}.materials.${slot}`)),
    ...Object.entries(films ?? {}).flatMap(([slot, { named }]) =>
      named.flatMap(({ materialId }, i) =>
        unknown(shop.materials, materialId, `${path}.films.${slot}.named.${i}.materialId`),
      ),
    ),
    ...(wording?.lines ?? []).flatMap(({ runs }, i) =>
      runs.flatMap((run, k) =>
        slotsOfRun(run).flatMap((slot, n): SpecFault[] =>
          hasLayerFor(layers, slot)
            ? []
            : [
                {
                  kind: 'noLayer',
                  field: `${path}.wording.lines.${i}.runs.${k}.${n > 0 ? 'letter.' : ''}slot`,
                  id: slot,
                },
              ],
        ),
      ),
    ),
  ];
}

/** Its parts are those that the motif has, each cut once; pieces are told apart by the ids of layers. */
function motifFaults({ shop }: RunSpec, { motif, letteringId }: PlaceUse, path: string): SpecFault[] {
  if (!motif) return [];
  const found = shop.motifs.find(({ id }) => id === motif.motifId)?.value;
  if (!found) return unknown(shop.motifs, motif.motifId, `${path}.motifId`);
  const own = shop.letterings.find(({ id }) => id === letteringId)?.value.layers ?? [];
  const ids = [...own.map(({ id }) => id), ...motif.layers.map(({ id }) => id)];
  return motif.layers.flatMap(({ id, part }, i): SpecFault[] => [
    ...(part < found.parts.length
      ? []
      : [{ kind: 'unknownId' as const, field: `${path}.layers.${i}.part`, id: String(part) }]),
    ...(ids.filter((one) => one === id).length > 1
      ? [{ kind: 'idTwice' as const, field: `${path}.layers.${i}.id`, id }]
      : []),
  ]);
}

function bedFaults(spec: RunSpec): SpecFault[] {
  const { bedId, beds = {} } = spec.layout;
  return [
    ...unknown(spec.shop.beds, bedId, 'layout.bedId'),
    ...Object.entries(beds).flatMap(([id, own]) => unknown(spec.shop.beds, own, `layout.beds.${id}`)),
  ];
}

/** An exception of an entry that is gone does nothing; one that names a lettering or film has to lead to it. */
function overrideFaults(spec: RunSpec): SpecFault[] {
  const { overrides, shop } = spec;
  return overrides.flatMap(({ at, set }, i) => {
    if (set.kind === 'lettering') {
      const path = `overrides.${i}.set.letteringId`;
      const lettering = shop.letterings.find(({ id }) => id === set.letteringId)?.value;
      const use = spec.uses.find(({ id }) => id === at.useId);
      const place = use?.places.find(({ placeId }) => placeId === at.placeId);
      if (!lettering || !place) return unknown(shop.letterings, set.letteringId, path);
      return colourFaults(spec, place, lettering, path);
    }
    if (set.kind === 'material') return unknown(shop.materials, set.materialId, `overrides.${i}.set.materialId`);
    return [];
  });
}
