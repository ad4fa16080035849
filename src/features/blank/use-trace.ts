'use client';

import { type KeyboardEvent, type MouseEvent, useState } from 'react';
import type { Photo } from '@/core/shop';

export type PhotoPoint = readonly [xPx: number, yPx: number];

/** What the next point on the photo is for. */
export type TraceStep = 'scale' | 'corners';

export interface Trace {
  readonly step: TraceStep;
  readonly setStep: (step: TraceStep) => void;
  /** Two points of a known distance. */
  readonly scalePoints: readonly PhotoPoint[];
  readonly corners: readonly PhotoPoint[];
  readonly cursor: PhotoPoint;
  readonly takeBack: () => void;
  readonly clear: () => void;
  readonly surfaceProps: {
    readonly onClick: (event: MouseEvent<SVGSVGElement>) => void;
    readonly onKeyDown: (event: KeyboardEvent<SVGSVGElement>) => void;
  };
}

const ARROWS: Readonly<Record<string, PhotoPoint>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Points set on a photo by clicks, or by a cursor that arrow keys move and Enter sets. */
export function useTrace({ widthPx, heightPx, mmPerPx }: Photo): Trace {
  const [step, setStep] = useState<TraceStep>(mmPerPx === null ? 'scale' : 'corners');
  const [scalePoints, setScalePoints] = useState<readonly PhotoPoint[]>([]);
  const [corners, setCorners] = useState<readonly PhotoPoint[]>([]);
  const [cursor, setCursor] = useState<PhotoPoint>([widthPx / 2, heightPx / 2]);
  const set = (point: PhotoPoint) => {
    // A third point starts the pair anew.
    if (step === 'scale') setScalePoints((known) => (known.length >= 2 ? [point] : [...known, point]));
    else setCorners((known) => [...known, point]);
  };
  return {
    step,
    setStep,
    scalePoints,
    corners,
    cursor,
    takeBack: () => (step === 'scale' ? setScalePoints((p) => p.slice(0, -1)) : setCorners((p) => p.slice(0, -1))),
    clear: () => setCorners([]),
    surfaceProps: {
      onClick: (event) => {
        const matrix = event.currentTarget.getScreenCTM();
        if (!matrix) return;
        const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
        setCursor([x, y]);
        set([x, y]);
      },
      onKeyDown: (event) => {
        const way = ARROWS[event.key];
        if (event.key === 'Enter') set(cursor);
        else if (way) {
          const by = event.shiftKey ? 1 : 10;
          const x = Math.min(widthPx, Math.max(0, cursor[0] + way[0] * by));
          setCursor([x, Math.min(heightPx, Math.max(0, cursor[1] + way[1] * by))]);
        } else return;
        event.preventDefault();
      },
    },
  };
}
