import { type PlaceGeometry, placeGeometry } from '@/core/place';
import type { Blank, MeasuredPlace, Variant } from '@/core/shop';
import { type Bounds, type Dimension, blankBounds, layoutDimensions } from '@/drawing';

export interface BlankView {
  readonly view: Bounds;
  readonly textSize: number;
  readonly dimensions: ReturnType<typeof layoutDimensions>;
}

/** What is shown of a blank and what is told on it: its own size, then where the place lies and how large it is. */
export function blankView(
  kind: Blank['kind'],
  variant: Variant,
  measured: MeasuredPlace,
  figure: (mm: number) => string,
): BlankView {
  const geometry = placeGeometry(variant, measured);
  const { body } = geometry;
  const all = withPlace(blankBounds(kind, body), geometry);
  const textSize = Math.max(all.right - all.left, all.bottom - all.top) / 36;
  const room = textSize * 3.4;
  const view = { left: all.left - room, top: all.top - room, right: all.right + room, bottom: all.bottom + room };
  const out = room / 2;
  // On the side where the body ends first: handles and sleeves stand out on the other.
  const aboveFirst = -all.top <= all.bottom - body.heightMm;
  const leftFirst = -all.left <= all.right - body.widthMm;
  const level = [all.top - out, all.bottom + out];
  const upright = [all.left - out, all.right + out];
  const dimensions: Dimension[] = [
    {
      axis: 'level',
      from: 0,
      to: body.widthMm,
      label: figure(body.widthMm),
      at: aboveFirst ? level : level.toReversed(),
    },
    {
      axis: 'upright',
      from: 0,
      to: body.heightMm,
      label: figure(body.heightMm),
      at: leftFirst ? upright : upright.toReversed(),
    },
    ...placeDimensions(geometry, measured, figure, textSize),
  ];
  return { view, textSize, dimensions: layoutDimensions(dimensions, textSize, view) };
}

/** A place may reach past its blank; then it is shown all the same. */
function withPlace(all: Bounds, { leftMm, topMm, box }: PlaceGeometry): Bounds {
  return {
    left: Math.min(all.left, leftMm),
    top: Math.min(all.top, topMm),
    right: Math.max(all.right, leftMm + box.widthMm),
    bottom: Math.max(all.bottom, topMm + box.heightMm),
  };
}

function placeDimensions(
  { leftMm, topMm, box }: PlaceGeometry,
  { datum: { kind, lineMm, dropMm } }: MeasuredPlace,
  figure: (mm: number) => string,
  textSize: number,
): Dimension[] {
  const [right, bottom, middle] = [leftMm + box.widthMm, topMm + box.heightMm, leftMm + box.widthMm / 2];
  const [off, near] = [textSize * 2, textSize * 1.4];
  const below = [bottom + off, bottom + off * 1.8, topMm - off, bottom - near];
  const beside = [right + near, leftMm - near, right + near * 2.2, leftMm - near * 2.2];
  const drop = kind === 'hem' ? { from: bottom, to: lineMm } : { from: lineMm, to: topMm };
  const all: Dimension[] = [
    { axis: 'level', from: leftMm, to: right, label: figure(box.widthMm), at: below },
    { axis: 'upright', from: topMm, to: bottom, label: figure(box.heightMm), at: beside },
    { axis: 'level', from: 0, to: leftMm, label: figure(leftMm), at: below },
    { axis: 'upright', ...drop, label: figure(dropMm), at: [middle, leftMm + near, right - near] },
  ];
  return all.filter(({ from, to }) => from !== to);
}
