import { withCarriedForm } from './carried-form';
import { changePlaceUse, withFilms } from './change-place';
import { type PlaceAt, placeAt } from './main-place';
import {
  type LayoutWish,
  type ListReading,
  type RunSpec,
  type TextRef,
  type Wording,
  findLettering,
  slotsSaid,
  takesOwnFilm,
} from '../spec';
import { type Copy, type Lettering, MOST_LAYERS, type Material, type PressCard, hasLayerFor } from '../shop';

/** Changes of a spec as functions from spec to spec: what is not named stays the very same object. */

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

/** The run's own copy of a material becomes this one; one that it did not have is added. */
export function putMaterialCopy(spec: RunSpec, copy: Copy<Material>): RunSpec {
  const { materials } = spec.shop;
  const isKnown = materials.some(({ id }) => id === copy.id);
  const next = isKnown ? materials.map((known) => (known.id === copy.id ? copy : known)) : [...materials, copy];
  return { ...spec, shop: { ...spec.shop, materials: next } };
}

/** The run's own copy of a press card becomes this one. */
export function putCardCopy(spec: RunSpec, copy: Copy<PressCard>): RunSpec {
  const cards = spec.shop.cards.map((known) => (known.id === copy.id ? copy : known));
  return { ...spec, shop: { ...spec.shop, cards } };
}

/** A lettering of the shop, copied into the run and taken for a place; every colour of it has the film of the place's first. */
export function takeLettering(spec: RunSpec, at: PlaceAt | null, copy: Copy<Lettering>): RunSpec {
  const { letterings } = spec.shop;
  const has = letterings.some(({ id }) => id === copy.id);
  const known = has ? spec : { ...spec, shop: { ...spec.shop, letterings: [...letterings, copy] } };
  return chooseLettering(known, at, copy.id);
}

/**
 * A place has a lettering of the run. The form of its lines comes along, where the other one has none of its own, and so do the colours
 * that its words are in: layers that the other one does not have, above its letters, with the ids that they had.
 */
export function chooseLettering(spec: RunSpec, at: PlaceAt | null, letteringId: string): RunSpec {
  const { lettering: before, placeUse } = placeAt(spec, at);
  const formed = withCarriedForm(spec, letteringId, before);
  const changed = changePlaceUse(formed, at, (use) => ({ ...use, letteringId }));
  const said = slotsSaid(placeUse.wording);
  const worded = before.layers.filter(({ make, slot }) => make.kind === 'text' && said.has(slot));
  return withColours(changed, letteringId, worded) ?? inGroundColour(changed, letteringId);
}

/**
 * A lettering of the run with a layer for each of these colours of letters, the ids as they are: those that it does not have come on top.
 * Null when it has no room for them, or has one of the ids already.
 */
export function withColours(spec: RunSpec, letteringId: string, colours: Lettering['layers']): RunSpec | null {
  const { layers } = findLettering(spec, letteringId);
  const missing = colours.flatMap(({ tool: _, under: __, ...layer }) => (hasLayerFor(layers, layer.slot) ? [] : layer));
  const taken = new Set(layers.map(({ id }) => id));
  if (missing.length === 0) return spec;
  if (missing.some(({ id }) => taken.has(id)) || layers.length + missing.length > MOST_LAYERS) return null;
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === letteringId ? { ...copy, value: { ...copy.value, layers: [...layers, ...missing] } } : copy,
  );
  return withFilms({ ...spec, shop: { ...spec.shop, letterings } });
}

/** Every word that is set in a lettering in the first of its colours. */
export function inGroundColour(spec: RunSpec, letteringId: string): RunSpec {
  const slot = findLettering(spec, letteringId).layers.find(takesOwnFilm)?.slot ?? 'main';
  const uses = spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place) =>
      place.letteringId === letteringId && place.wording ? { ...place, wording: inColour(place.wording, slot) } : place,
    ),
  }));
  return { ...spec, uses };
}

function inColour(wording: Wording, slot: string): Wording {
  return {
    ...wording,
    lines: wording.lines.map(({ runs }) => ({ runs: runs.map(({ letter: _, ...run }) => ({ ...run, slot })) })),
  };
}

/** The run's own copy of the lettering in use. */
export function changeLettering(
  spec: RunSpec,
  at: PlaceAt | null,
  change: (lettering: Lettering) => Lettering,
): RunSpec {
  const { placeUse } = placeAt(spec, at);
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === placeUse.letteringId ? { ...copy, value: change(copy.value) } : copy,
  );
  return { ...spec, shop: { ...spec.shop, letterings } };
}

export function changeLeastHeight(spec: RunSpec, at: PlaceAt | null, minLetterHeightMm: number): RunSpec {
  return changeLettering(spec, at, (lettering) => ({ ...lettering, minLetterHeightMm }));
}

/** Case and tracking of every line of the lettering in use. */
export function changeLines(
  spec: RunSpec,
  at: PlaceAt | null,
  part: Partial<Pick<Lettering['lines'][number], 'caseForm' | 'trackingEm'>>,
): RunSpec {
  return changeLettering(spec, at, (lettering) => ({
    ...lettering,
    lines: lettering.lines.map((line) => ({ ...line, ...part })),
  }));
}

/** Title, day and language of the run. */
export function changeHead(spec: RunSpec, head: Partial<Pick<RunSpec, 'title' | 'dueOn' | 'language'>>): RunSpec {
  return { ...spec, ...head };
}

/** Spares and ticked preparation. */
export function changePrepare(spec: RunSpec, change: Partial<RunSpec['prepare']>): RunSpec {
  return { ...spec, prepare: { ...spec.prepare, ...change } };
}

export function changeLayout(spec: RunSpec, change: Partial<LayoutWish>): RunSpec {
  return { ...spec, layout: { ...spec.layout, ...change } };
}

/** A film is cut on a bed of its own; on the run's again with null. */
export function changeFilmBed(spec: RunSpec, materialId: string, bedId: string | null): RunSpec {
  const others = Object.fromEntries(Object.entries(spec.layout.beds ?? {}).filter(([id]) => id !== materialId));
  return changeLayout(spec, { beds: bedId === null ? others : { ...others, [materialId]: bedId } });
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
  { useId, placeId }: Pick<TextRef, 'useId' | 'placeId'>,
  wording: Wording | null,
): RunSpec {
  const uses = spec.uses.map((use) =>
    use.id === useId
      ? { ...use, places: use.places.map((place) => (place.placeId === placeId ? { ...place, wording } : place)) }
      : use,
  );
  return { ...spec, uses };
}

export function changeRemedies(spec: RunSpec, change: Partial<RunSpec['remedies']>): RunSpec {
  return { ...spec, remedies: { ...spec.remedies, ...change } };
}
