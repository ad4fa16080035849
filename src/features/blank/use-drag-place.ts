'use client';

import { type KeyboardEvent, type PointerEvent, type RefObject, useRef } from 'react';
import { useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import { type MeasuredPlace, type Shape, shapeBox } from '@/core/shop';
import { snapLength, stepMm } from '@/core/units';
import type { PlaceEdit } from './edit';
import { useChangePlace } from './use-change-place';

type Grip = 'move' | 'resize';

interface Drag {
  readonly grip: Grip;
  readonly from: DOMPoint;
  readonly start: MeasuredPlace;
}

/** Moving and resizing the place on the drawing, by pointer or arrow keys, on whole millimetres or sixteenths of an inch. */
export function useDragPlace(edit: PlaceEdit, svg: RefObject<SVGSVGElement | null>) {
  const { unit } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const drag = useRef<Drag | null>(null);
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
  const pointOf = (event: PointerEvent): DOMPoint | null => {
    const matrix = svg.current?.getScreenCTM();
    return matrix ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()) : null;
  };
  return {
    gripProps: (grip: Grip) => ({
      onPointerDown: (event: PointerEvent<SVGElement>) => {
        const from = pointOf(event);
        if (!from || event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        event.stopPropagation();
        drag.current = { grip, from, start: measured };
      },
      onPointerMove: (event: PointerEvent<SVGElement>) => {
        const to = drag.current?.grip === grip ? pointOf(event) : null;
        if (to && drag.current) apply(grip, drag.current.start, to.x - drag.current.from.x, to.y - drag.current.from.y);
      },
      onPointerUp: () => {
        drag.current = null;
      },
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
