import type { Heater, MeasuredPlace } from '../shop';
import { measuredOf } from '../shop';
import { type RunSpec, findBlank, readPieceId, variantFor } from '../spec';
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
    return use.places.flatMap(({ placeId }): PressRow[] => {
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
      return [...byFilms.values()].map(({ materialIds, itemIds }) => ({
        blankName: blank.name,
        placeName: role.name,
        readingDeg: measured.readingDeg,
        itemIds,
        presses: pressPlace({
          // What the run has dropped since it was cut is known no more.
          materials: materialIds.flatMap((id) => spec.shop.materials.find((copy) => copy.id === id)?.value ?? []),
          blank,
          measured,
          ink: null,
          heater,
          cards: spec.shop.cards,
        }),
      }));
    });
  });
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
