import type { MeasuredPlace, PlaceRole, ShapeBox, Variant } from '../shop';
import { type SeenMap, seenMap } from './as-seen';
import { placeGeometry } from './place-geometry';
import { slantMm } from './unroll';

/** An item from the front, as it is seen in use: filled, stretched, folded, round. */
export interface SeenItem {
  /** The body as it appears. */
  readonly body: ShapeBox;
  /** Width of its top and of its bottom, as shares of the body's; null: straight, or not round. */
  readonly taper: { readonly top: number; readonly bottom: number } | null;
  /** From the frame of the place, lying flat, to the top left corner of the body as it appears. */
  readonly toItem: SeenMap;
  /** Where the place's own corner appears, when it is only moved there and nothing of it bent or drawn out; else null. */
  readonly movedBy: readonly [xMm: number, yMm: number] | null;
  /** It turns away from the viewer at both sides. */
  readonly isRounded: boolean;
}

/** Of round goods: the widths at both ends, as shares of the larger; of all else null. */
export function taperOf(wrap: MeasuredPlace['wrap']): SeenItem['taper'] {
  if (wrap?.kind !== 'round') return null;
  const widthMm = Math.max(wrap.topMm, wrap.bottomMm);
  return { top: wrap.topMm / widthMm, bottom: wrap.bottomMm / widthMm };
}

/** How the item that a place is measured on looks in use. */
export function seenItem(variant: Variant, place: MeasuredPlace): SeenItem {
  const { body, topMm, leftMm, seen } = placeGeometry(variant, place);
  const map = seenMap(variant, place);
  const { wrap, datum } = place;
  const from = (halfMm: number, aboveMm: number): SeenMap => {
    return (x, y) => {
      const [seenX, seenY] = map(x, y);
      return [seenX + halfMm, seenY + aboveMm];
    };
  };
  if (wrap?.kind === 'round') {
    const widthMm = Math.max(wrap.topMm, wrap.bottomMm);
    return {
      body: { widthMm, heightMm: wrap.heightMm },
      taper: taperOf(wrap),
      toItem: from(widthMm / 2, (datum.dropMm * wrap.heightMm) / slantMm(wrap)),
      movedBy: null,
      isRounded: true,
    };
  }
  if (wrap?.kind === 'stretched') {
    const [across, down] = [1 + wrap.acrossPct / 100, 1 + wrap.downPct / 100];
    const [widthMm, heightMm] = [body.widthMm * across, body.heightMm * down];
    return {
      body: { widthMm, heightMm },
      taper: null,
      toItem: from(widthMm / 2, topMm * down),
      movedBy: null,
      isRounded: false,
    };
  }
  if (!seen) {
    return {
      body,
      taper: null,
      toItem: (x, y) => [x + leftMm, y + topMm],
      movedBy: [leftMm, topMm],
      isRounded: false,
    };
  }
  const widthMm = wrap?.kind === 'filled' ? 2 * seen.acrossMm : body.widthMm;
  return {
    body: { widthMm, heightMm: body.heightMm },
    taper: null,
    toItem: from(widthMm / 2, topMm),
    movedBy: null,
    isRounded: true,
  };
}

/** A place on one side of an item. */
export interface Face {
  readonly side: PlaceRole['side'];
  readonly measured: MeasuredPlace;
}

/** Places that are seen together, one view each: on one side, and laid alike; what is round shows one place at a time. */
export function facesSeenTogether<T extends Face>(faces: readonly T[]): readonly (readonly T[])[] {
  const views = new Map<string, T[]>();
  for (const [i, face] of faces.entries()) {
    const { wrap } = face.measured;
    const key = wrap?.kind === 'round' ? `round ${i}` : `${face.side} ${JSON.stringify(wrap)}`;
    views.set(key, [...(views.get(key) ?? []), face]);
  }
  return [...views.values()];
}
