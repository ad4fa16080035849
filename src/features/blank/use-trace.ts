'use client';

import { type KeyboardEvent, type PointerEvent, type WheelEvent, useRef, useState } from 'react';
import type { Photo } from '@/core/shop';
import { type PhotoView, pannedView, viewWith, wholeView, zoomedView } from './photo-view';

export type PhotoPoint = readonly [xPx: number, yPx: number];

/** What the next point on the photo is for. */
export type TraceStep = 'scale' | 'origin' | 'corners';

export interface Trace {
  readonly step: TraceStep;
  readonly setStep: (step: TraceStep) => void;
  /** Two points of a known distance. */
  readonly scalePoints: readonly PhotoPoint[];
  readonly corners: readonly PhotoPoint[];
  readonly cursor: PhotoPoint;
  readonly view: PhotoView;
  readonly zoomBy: (factor: number) => void;
  readonly seeAll: () => void;
  readonly takeBack: () => void;
  readonly surfaceProps: {
    readonly onPointerDown: (event: PointerEvent<SVGSVGElement>) => void;
    readonly onPointerMove: (event: PointerEvent<SVGSVGElement>) => void;
    readonly onPointerUp: (event: PointerEvent<SVGSVGElement>) => void;
    readonly onWheel: (event: WheelEvent<SVGSVGElement>) => void;
    readonly onKeyDown: (event: KeyboardEvent<SVGSVGElement>) => void;
  };
}

const ARROWS: Readonly<Record<string, PhotoPoint>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** So far a finger may slip and it is still a point that is set; farther, and the photo is moved. */
const SLIP_PX = 4;
const NEARER = 1.5;

/** Points set on a photo by clicks, or by a cursor that arrow keys move and Enter sets; dragging moves it, the wheel brings it nearer. */
export function useTrace(photo: Photo, onOrigin: (point: PhotoPoint) => void): Trace {
  const { widthPx, heightPx, mmPerPx, originPx } = photo;
  const [step, setStep] = useState<TraceStep>(mmPerPx === null ? 'scale' : originPx ? 'corners' : 'origin');
  const [scalePoints, setScalePoints] = useState<readonly PhotoPoint[]>([]);
  const [corners, setCorners] = useState<readonly PhotoPoint[]>([]);
  const [cursor, setCursor] = useState<PhotoPoint>([widthPx / 2, heightPx / 2]);
  const [view, setView] = useState(() => wholeView(photo));
  const drag = useRef<{ readonly from: DOMPoint; readonly x: number; readonly y: number; isPan: boolean } | null>(null);
  const set = (point: PhotoPoint) => {
    // A third point starts the pair anew.
    if (step === 'scale') setScalePoints((known) => (known.length >= 2 ? [point] : [...known, point]));
    else if (step === 'origin') {
      onOrigin(point);
      setStep('corners');
    } else setCorners((known) => [...known, point]);
  };
  return {
    step,
    setStep,
    scalePoints,
    corners,
    cursor,
    view,
    zoomBy: (factor) => setView((now) => zoomedView(now, factor, cursor, photo)),
    seeAll: () => setView(wholeView(photo)),
    takeBack: () => (step === 'scale' ? setScalePoints((p) => p.slice(0, -1)) : setCorners((p) => p.slice(0, -1))),
    surfaceProps: {
      onPointerDown: (event) => {
        const from = pointOf(event);
        if (from) drag.current = { from, x: event.clientX, y: event.clientY, isPan: false };
        event.currentTarget.setPointerCapture(event.pointerId);
      },
      onPointerMove: (event) => {
        const now = drag.current;
        if (!now) return;
        now.isPan ||= Math.hypot(event.clientX - now.x, event.clientY - now.y) > SLIP_PX;
        const to = pointOf(event);
        if (now.isPan && to) setView((before) => pannedView(before, now.from.x - to.x, now.from.y - to.y, photo));
      },
      onPointerUp: (event) => {
        const now = drag.current;
        drag.current = null;
        if (!now || now.isPan) return;
        const { x, y } = now.from;
        setCursor([x, y]);
        set([x, y]);
        event.currentTarget.focus();
      },
      onWheel: (event) => {
        const at = pointOf(event);
        const factor = event.deltaY < 0 ? NEARER : 1 / NEARER;
        if (at) setView((now) => zoomedView(now, factor, [at.x, at.y], photo));
      },
      onKeyDown: (event) => {
        const way = ARROWS[event.key];
        if (event.key === 'Enter') set(cursor);
        else if (event.key === '+') setView((now) => zoomedView(now, NEARER, cursor, photo));
        else if (event.key === '-') setView((now) => zoomedView(now, 1 / NEARER, cursor, photo));
        else if (way) {
          // A step is as long on the screen however near the photo is.
          const by = (event.shiftKey ? 1 : 10) * (view.width / widthPx);
          const x = Math.min(widthPx, Math.max(0, cursor[0] + way[0] * by));
          const to = [x, Math.min(heightPx, Math.max(0, cursor[1] + way[1] * by))] as const;
          setCursor(to);
          setView((now) => viewWith(now, to, photo));
        } else return;
        event.preventDefault();
        event.stopPropagation();
      },
    },
  };
}

function pointOf(event: PointerEvent<SVGSVGElement> | WheelEvent<SVGSVGElement>): DOMPoint | null {
  const matrix = event.currentTarget.getScreenCTM();
  return matrix ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()) : null;
}
