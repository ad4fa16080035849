import type { Heater, MeasuredPlace } from '../shop';
import { measuredOf } from '../shop';
import {
  type PlaceUse,
  type RunSpec,
  type TextRef,
  filmsOf,
  findBlank,
  findLettering,
  letteringIdOf,
  liesOver,
  ownSettingsAt,
  placeLayers,
  readItemId,
  readPieceId,
  takesOwnFilm,
  variantFor,
} from '../spec';
import { type PlacePress, pressPlace } from './press-place';

/** What is pressed alike: the films of one place of one blank, with the items that have it. */
export interface PressRow {
  readonly blankName: string;
  readonly placeName: string;
  readonly readingDeg: MeasuredPlace['readingDeg'];
  readonly itemIds: readonly string[];
  /** The lowest film first. */
  readonly presses: readonly PlacePress[];
}

export interface CutPiece {
  readonly pieceId: string;
  readonly materialId: string;
}

/** How pieces are pressed, blank by blank and place by place, in the order of the run's uses. */
export function pressRows(spec: RunSpec, pieces: readonly CutPiece[], heater: Heater): readonly PressRow[] {
  return spec.uses.flatMap((use) => {
    const blank = findBlank(spec, use.blankId);
    const variant = variantFor(spec, use);
    return use.places.flatMap((place): PressRow[] => {
      const { placeId } = place;
      const here = pieces.filter(({ pieceId }) => {
        const id = readPieceId(pieceId);
        return id?.useId === use.id && id.placeId === placeId;
      });
      const measured = measuredOf(blank, variant, placeId);
      const role = blank.places.find(({ id }) => id === placeId);
      if (here.length === 0 || !measured || !role) return [];
      // Films are alike where they lie alike: those of one film over another are one row, each film by itself another.
      const byFilms = new Map<string, { materialIds: readonly string[]; all: readonly string[]; itemIds: string[] }>();
      for (const [itemId, materialIds] of filmsByItem(here)) {
        const all = filmsWith(spec, { useId: use.id, place, itemId }, materialIds);
        const key = `${materialIds.join()} ${all.join()}`;
        const row = byFilms.get(key) ?? { materialIds, all, itemIds: [] };
        row.itemIds.push(itemId);
        byFilms.set(key, row);
      }
      return [...byFilms.values()].map(({ materialIds, all, itemIds }) => {
        // What the run has dropped since it was cut is known no more.
        const filmsIn = (ids: readonly string[]) =>
          ids.flatMap((id) => spec.shop.materials.find((copy) => copy.id === id)?.value ?? []);
        const here = new Set(filmsIn(materialIds).map(({ name }) => name));
        const presses = pressPlace({
          materials: filmsIn(all),
          blank,
          measured,
          ink: null,
          heater,
          cards: spec.shop.cards,
        });
        return {
          blankName: blank.name,
          placeName: role.name,
          readingDeg: measured.readingDeg,
          itemIds,
          presses: presses.filter(({ materialName }) => here.has(materialName)),
        };
      });
    });
  });
}

interface ItemAt {
  readonly useId: string;
  readonly place: PlaceUse;
  readonly itemId: string;
}

/** A pass holds one film of several that lie over each other: those that all of its place is cut from for this item, bottom up. */
function filmsWith(spec: RunSpec, { useId, place, itemId }: ItemAt, materialIds: readonly string[]): readonly string[] {
  const entry = spec.entries.find(({ id }) => id === readItemId(itemId)?.entryId);
  if (!entry) return materialIds;
  const own = ownSettingsAt(spec, { entryId: entry.id, useId, placeId: place.placeId } as TextRef);
  const layers = placeLayers(findLettering(spec, letteringIdOf(place, own)), place);
  if (!layers.some(liesOver)) return materialIds;
  const { materials } = filmsOf(place, entry);
  const all = layers.flatMap((layer) => (takesOwnFilm(layer) ? own.materialId : null) ?? materials[layer.slot] ?? []);
  return materialIds.every((id) => all.includes(id)) ? all : materialIds;
}

function filmsByItem(pieces: readonly CutPiece[]): ReadonlyMap<string, readonly string[]> {
  const films = new Map<string, string[]>();
  for (const { pieceId, materialId } of pieces) {
    const itemId = readPieceId(pieceId)?.itemId ?? pieceId;
    const known = films.get(itemId) ?? [];
    if (!known.includes(materialId)) known.push(materialId);
    films.set(itemId, known);
  }
  return films;
}
