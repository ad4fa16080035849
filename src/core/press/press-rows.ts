import type { Heater, MeasuredPlace } from '../shop';
import { measuredOf } from '../shop';
import { type PlaceUse, type RunSpec, findBlank, findLettering, readPieceId, variantFor } from '../spec';
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
      const byFilms = new Map<string, { materialIds: readonly string[]; itemIds: string[] }>();
      for (const [itemId, materialIds] of filmsByItem(here)) {
        const row = byFilms.get(materialIds.join()) ?? { materialIds, itemIds: [] };
        row.itemIds.push(itemId);
        byFilms.set(materialIds.join(), row);
      }
      return [...byFilms.values()].map(({ materialIds, itemIds }) => {
        // What the run has dropped since it was cut is known no more.
        const filmsOf = (ids: readonly string[]) =>
          ids.flatMap((id) => spec.shop.materials.find((copy) => copy.id === id)?.value ?? []);
        const here = new Set(filmsOf(materialIds).map(({ name }) => name));
        const presses = pressPlace({
          materials: filmsOf(filmsWith(spec, place, materialIds)),
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

/** A pass holds one film of several that lie over each other: those that the others of its place are cut from, bottom up, with them. */
function filmsWith(spec: RunSpec, place: PlaceUse, materialIds: readonly string[]): readonly string[] {
  const { layers } = findLettering(spec, place.letteringId);
  if (!layers.some(({ make }) => make.kind === 'border')) return materialIds;
  const all = layers.flatMap(({ slot }) => place.materials[slot] ?? []);
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
