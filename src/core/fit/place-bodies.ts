import { type Artwork, isWholePlace, placeBody, reachMm } from '../artwork';
import { EM_UNITS } from '../faces';
import { boxOfRings, outlineRings } from '../geometry';
import { type FreeSpace, type PlaceRect, besideHole, holeInPlace } from '../place';
import type { Slot } from '../resolve';

/** The holes of what is cut as large as its place. */
function holesOf({ layers }: Pick<Slot, 'layers'>) {
  return layers.flatMap(({ make }) => (make.kind === 'backing' && isWholePlace(make) && make.hole ? [make.hole] : []));
}

/**
 * Where ink may lie beside the holes in its place; null when nothing is left. What letters keep off every edge, and what is around them,
 * counts for the hole as well, and not twice: `beyondMm` comes on top of this for all of them.
 */
export function besideHoles(slot: Pick<Slot, 'layers'>, space: FreeSpace | null, beyondMm: number): FreeSpace | null {
  const others = slot.layers.filter(({ make }) => !isWholePlace(make));
  const aroundMm = Math.max(0, ...others.map(({ make }) => reachMm(make)));
  return holesOf(slot).reduce<FreeSpace | null>(
    (left, hole) => left && besideHole(left, hole, Math.max(0, hole.edgeMm + aroundMm - beyondMm)),
    space,
  );
}

const known = new WeakMap<Artwork, Map<string, Artwork>>();

/**
 * An artwork at its size with what is as large as its place, now that it is known where the text lies there: `box` of its ink, in the
 * reader's frame. The ink of the whole stays that of the lettering. Itself where it has no such layer.
 */
export function withPlaceBodies(
  artwork: Artwork,
  { layers }: Pick<Slot, 'layers'>,
  space: FreeSpace,
  { box, emMm }: { readonly box: PlaceRect; readonly emMm: number },
): Artwork {
  const { inkBox } = artwork;
  if (!inkBox || emMm <= 0 || !layers.some(({ make }) => isWholePlace(make))) return artwork;
  const key = JSON.stringify([box.xMm, box.yMm, space.outline]);
  const kept = known.get(artwork) ?? new Map<string, Artwork>();
  known.set(artwork, kept);
  const found = kept.get(key);
  if (found) return found;
  const units = EM_UNITS / emMm;
  const toX = (xMm: number) => inkBox.minX + (xMm - box.xMm) * units;
  const toY = (yMm: number) => inkBox.minY + (yMm - box.yMm) * units;
  const place = Int32Array.from(
    space.outline.flatMap(([x, y]) => [toX(x), toY(y)]),
    Math.round,
  );
  const made = artwork.layers.map((art, i) => {
    const { make } = layers[i]!;
    if (make.kind !== 'backing' || !isWholePlace(make)) return art;
    const hole = make.hole && holeInPlace(space.outline, make.hole);
    const inUnits = hole && { x: toX(hole.xMm), y: toY(hole.yMm), radius: hole.radiusMm * units };
    const body = placeBody(make, place, inUnits, emMm);
    return { ...body, inkBox: boxOfRings(outlineRings(body.outline)) };
  });
  const whole: Artwork = { ...artwork, layers: made };
  kept.set(key, whole);
  return whole;
}
