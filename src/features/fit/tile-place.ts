import { type PlaceGeometry, placeGeometry } from '@/core/place';
import type { MainPlace } from '@/core/edit';
import { type Blank, type ShapeBox, measuredOf } from '@/core/shop';

/** What a tile draws of a place: its outline and clear zones, on the thing that it is measured on. */
export interface TilePlace extends Pick<PlaceGeometry, 'outline' | 'clear' | 'box' | 'body' | 'leftMm' | 'topMm'> {
  readonly kind: Blank['kind'];
  /** Nothing lies below what is cut: it is the item. */
  readonly isBare: boolean;
  /** Round goods, rolled out. */
  readonly isRolledOut: boolean;
  readonly cloth: string;
  /** `M, navy`; empty where all items are alike. */
  readonly variantWords: string;
}

/** `isBare`: it is cut here itself. Every size and colour of the place by its id, and what stands in for one that is missing under the empty id. */
export function tilePlaces(
  { blank, variant, use, placeUse }: MainPlace,
  isBare: boolean,
): ReadonlyMap<string, TilePlace> {
  const isAlike = use.variant.kind === 'fixed';
  const places = blank.variants.flatMap((one): [string, TilePlace][] => {
    const measured = measuredOf(blank, one, placeUse.placeId);
    if (!measured) return [];
    const { outline, clear, box, body, leftMm, topMm } = placeGeometry(one, measured);
    const tile = {
      outline,
      clear,
      box,
      body,
      leftMm,
      topMm,
      kind: blank.kind,
      isBare,
      isRolledOut: measured.wrap?.kind === 'round',
      cloth: one.colour.hex,
      variantWords: isAlike ? '' : [one.size, one.colour.name].filter((word) => word !== '').join(', '),
    };
    return [
      [one.id, tile],
      ...(one.id === variant.id ? [['', { ...tile, variantWords: '' }] as [string, TilePlace]] : []),
    ];
  });
  return new Map(places);
}

/** The size that all tiles show, so that they are at one scale. */
export function commonBox(places: Iterable<TilePlace>): ShapeBox {
  let [widthMm, heightMm] = [1, 1];
  for (const { box } of places) {
    widthMm = Math.max(widthMm, box.widthMm);
    heightMm = Math.max(heightMm, box.heightMm);
  }
  return { widthMm, heightMm };
}
