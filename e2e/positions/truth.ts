import { BODY, type PlaceJson } from './random-run';

/** A box in the frame of its place, millimetres. */
export interface InkBox {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Rings of numbers of 0.1 µm, as the program hands outlines out. */
export type Outline = readonly (readonly (readonly number[])[])[];

export function boxOfOutline(outline: Outline): InkBox {
  const numbers = outline.flat();
  const all = (odd: 0 | 1) => numbers.flatMap((ring) => ring.filter((_, i) => i % 2 === odd));
  const [xs, ys] = [all(0), all(1)];
  const [minX, minY] = [least(xs), least(ys)];
  return { xMm: minX / 1e4, yMm: minY / 1e4, widthMm: (most(xs) - minX) / 1e4, heightMm: (most(ys) - minY) / 1e4 };
}

/** Where a ruler finds ink on a flat blank: from its left, its right, and from its datum, by school sums. */
export function rulerOf({ datum }: PlaceJson, placeHeightMm: number, ink: InkBox): [number, number, number] {
  const isHem = datum.kind === 'hem';
  const placeTop = isHem ? datum.lineMm - datum.dropMm - placeHeightMm : datum.lineMm + datum.dropMm;
  const left = datum.leftMm + ink.xMm;
  const top = placeTop + ink.yMm;
  const drop = isHem ? datum.lineMm - (top + ink.heightMm) : top - datum.lineMm;
  return [left, BODY.widthMm - left - ink.widthMm, drop];
}

/** As it reads: a box that was turned aside lies down again. */
export function asRead({ widthMm, heightMm }: InkBox, turnDeg: number): readonly [number, number] {
  return turnDeg % 180 === 0 ? [widthMm, heightMm] : [heightMm, widthMm];
}

const least = (values: readonly number[]) => values.reduce((a, b) => Math.min(a, b), Infinity);
const most = (values: readonly number[]) => values.reduce((a, b) => Math.max(a, b), -Infinity);
