import { type PlaceCurve, placeCurve } from '../place';
import type { Slot } from '../resolve';
import { hasOwnMotif, withMotifAt } from './own-motif';

/** What is drawn otherwise at each size of its letters: a motif with a height of its own, lines that run as their place does. */
export function isBoundToSize(slot: Slot): boolean {
  return hasOwnMotif(slot) || curveOf(slot) !== null;
}

/** Null where it follows no curve: what is to follow a place that has none runs straight. */
function curveOf({ form, variant, measured }: Slot): PlaceCurve | null {
  return form.bend?.curve.by === 'place' && variant && measured ? placeCurve(variant, measured) : null;
}

const bentOf = new WeakMap<Slot, Slot>();

/** The slot as it is drawn with capitals of this height; the very same for the same height. */
export function slotAt(slot: Slot, capHeightMm: number): Slot {
  const bent = bentAt(slot, capHeightMm);
  return hasOwnMotif(bent) ? withMotifAt(bent, capHeightMm) : bent;
}

function bentAt(slot: Slot, capHeightMm: number): Slot {
  const { bend, ...form } = slot.form;
  const curve = curveOf(slot);
  if (!curve || !bend) return slot;
  const capitals = curve.radiusMm / capHeightMm;
  const found = bentOf.get(slot);
  if (found?.form.bend?.curve.by === 'radius' && found.form.bend.curve.capitals === capitals) return found;
  const at: Slot = {
    ...slot,
    form: { ...form, bend: { ...bend, way: curve.way, curve: { by: 'radius', capitals } } },
  };
  bentOf.set(slot, at);
  return at;
}
