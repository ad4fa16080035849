'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent, RefObject } from 'react';
import { useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import { type MeasuredPlace, type Shape, shapeBox } from '@/core/shop';
import { snapLength, stepMm } from '@/core/units';
import type { PlaceEdit } from './edit';
import { useChangePlace } from './use-change-place';

type Grip = 'move' | 'resize';

interface Drag {
  readonly from: DOMPoint;
  readonly start: MeasuredPlace;
}

/** Moving and resizing the place on the drawing, by pointer or arrow keys, on whole millimetres or sixteenths of an inch. */
export function useDragPlace(edit: PlaceEdit, svg: RefObject<SVGSVGElement | null>) {
  const { unit } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const { measured, variant } = edit;
  const isRound = measured.wrap?.kind === 'round';

  const apply = (grip: Grip, start: MeasuredPlace, byX: number, byY: number) => {
    if (grip === 'resize')
      return changePlace({ outline: resized(start.outline, byX, byY, (mm) => snapLength(mm, unit)) });
    const { datum } = start;
    const isUp = datum.kind === 'hem';
    const dropMm = Math.max(0, snapLength(datum.dropMm + (isUp ? -byY : byY), unit));
    const isFixedAcross = isRound || start.centring !== null;
    const leftMm = isFixedAcross ? datum.leftMm : Math.max(0, snapLength(datum.leftMm + byX, unit));
    changePlace({ datum: { ...datum, dropMm, leftMm } });
  };
  const pointAt = ([x, y]: readonly [number, number]): DOMPoint | null => {
    const matrix = svg.current?.getScreenCTM();
    return matrix ? new DOMPoint(x, y).matrixTransform(matrix.inverse()) : null;
  };
  const bind = useDrag<PointerEvent>(
    ({ args: [grip], event, xy, first, memo }): Drag | undefined => {
      event.stopPropagation();
      const to = pointAt(xy);
      const drag = first ? to && { from: to, start: measured } : (memo as Drag | undefined);
      if (to && drag && !first) apply(grip as Grip, drag.start, to.x - drag.from.x, to.y - drag.from.y);
      return drag ?? undefined;
    },
    // Arrow keys have a meaning of their own here, and every pixel counts.
    { pointer: { keys: false, capture: true }, threshold: 0 },
  );
  return {
    gripProps: (grip: Grip) => ({
      ...bind(grip),
      onKeyDown: (event: KeyboardEvent<SVGElement>) => {
        const way = ARROWS[event.key];
        if (!way || event.altKey || event.ctrlKey || event.metaKey) return;
        event.preventDefault();
        const step = stepMm(unit);
        apply(event.shiftKey ? 'resize' : grip, measured, way[0] * step, way[1] * step);
      },
    }),
    box: placeGeometry(variant, measured).box,
  };
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Shapes that have a width and a height are pulled at their corner; the others only by their measures. */
function resized(shape: Shape, byX: number, byY: number, snap: (mm: number) => number): Shape {
  const least = 5;
  const { widthMm, heightMm } = shapeBox(shape);
  const [width, height] = [Math.max(least, snap(widthMm + byX)), Math.max(least, snap(heightMm + byY))];
  switch (shape.kind) {
    case 'rect':
    case 'roundedRect':
    case 'ellipse':
      return { ...shape, widthMm: width, heightMm: height };
    case 'taper':
      return { ...shape, heightMm: height, ...widerBy(shape, width - widthMm) };
    default:
      return shape;
  }
}

function widerBy({ topWidthMm, bottomWidthMm }: Extract<Shape, { kind: 'taper' }>, byMm: number) {
  return { topWidthMm: Math.max(1, topWidthMm + byMm), bottomWidthMm: Math.max(1, bottomWidthMm + byMm) };
}
