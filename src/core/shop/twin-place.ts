import { type ShapeBox, shapeBox } from './shape-box';
import type { Anchor9, Centring, MeasuredPlace, Shape } from './place-schema';
import type { Blank, Variant } from './blank-schema';

/**
 * Measures of a place on a variant: its own, or those of its twin in the mirror, so that a pair is measured once. Null
 * when neither was measured.
 */
export function measuredOf(blank: Blank, variant: Variant, placeId: string): MeasuredPlace | null {
  const own = variant.places[placeId];
  if (own) return own;
  const twinId = blank.places.find(({ id }) => id === placeId)?.twinOf;
  const twin = twinId ? variant.places[twinId] : undefined;
  if (!twin) return null;
  const known = mirrored.get(twin)?.get(variant.body.widthMm);
  if (known) return known;
  const mirror = mirroredPlace(twin, variant.body.widthMm);
  mirrored.set(twin, new Map([[variant.body.widthMm, mirror]]));
  return mirror;
}

/** The same object for the same measures, so that what is computed from it is computed once. */
const mirrored = new WeakMap<MeasuredPlace, Map<number, MeasuredPlace>>();

const MIRRORED_ANCHOR: Partial<Record<Anchor9, Anchor9>> = {
  topLeft: 'topRight',
  topRight: 'topLeft',
  left: 'right',
  right: 'left',
  bottomLeft: 'bottomRight',
  bottomRight: 'bottomLeft',
};

/** As seen in a mirror that stands beside the blank. Text is not mirrored, but where it is held is. */
export function mirroredPlace(place: MeasuredPlace, bodyWidthMm: number): MeasuredPlace {
  const box = shapeBox(place.outline);
  return {
    ...place,
    outline: mirroredShape(place.outline, box),
    clear: place.clear.map((zone) => {
      const zoneBox = shapeBox(zone.shape);
      const leftMm = box.widthMm - zone.leftMm - zoneBox.widthMm;
      return { ...zone, shape: mirroredShape(zone.shape, zoneBox), leftMm };
    }),
    datum: { ...place.datum, leftMm: Math.max(0, bodyWidthMm - place.datum.leftMm - box.widthMm) },
    anchor: MIRRORED_ANCHOR[place.anchor] ?? place.anchor,
    centring: place.centring && mirroredCentring(place.centring),
  };
}

/** All others are the same in a mirror. */
function mirroredShape(shape: Shape, box: ShapeBox): Shape {
  if (shape.kind !== 'polygon') return shape;
  const minX = Math.min(...shape.corners.map(([x]) => x));
  return { ...shape, corners: shape.corners.map(([x, y]) => [2 * minX + box.widthMm - x, y] as const) };
}

function mirroredCentring(centring: Centring): Centring {
  return {
    ...centring,
    levels: centring.levels.map((level) => ({
      leftGapMm: level.rightGapMm,
      leftHandleMm: level.rightHandleMm,
      rightHandleMm: level.leftHandleMm,
      rightGapMm: level.leftGapMm,
    })),
  };
}
