'use client';

import { useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import { DimensionLine } from '@/drawing';
import type { PlaceEdit } from './edit';

interface PlaceDimensionsProps {
  readonly edit: PlaceEdit;
  readonly textSize: number;
  readonly colour: string;
}

type Line = readonly [from: readonly [number, number], to: readonly [number, number], mm: number];

/** Where the place lies on the blank and how large it is, from the line that it is measured from. */
export function PlaceDimensions({ edit: { variant, measured }, textSize, colour }: PlaceDimensionsProps) {
  const { exact: figure } = useLengths();
  const { leftMm, topMm, box, body } = placeGeometry(variant, measured);
  const { kind, lineMm, dropMm } = measured.datum;
  const right = leftMm + box.widthMm;
  const bottom = topMm + box.heightMm;
  const middle = leftMm + box.widthMm / 2;
  const below = Math.min(bottom + textSize * 2, body.heightMm - textSize);
  const beside = right + textSize * 2 < body.widthMm ? right + textSize * 1.6 : leftMm - textSize * 1.6;
  const lines: readonly Line[] = [
    [[0, below], [leftMm, below], leftMm],
    [[leftMm, below], [right, below], box.widthMm],
    kind === 'hem' ? [[middle, bottom], [middle, lineMm], dropMm] : [[middle, lineMm], [middle, topMm], dropMm],
    [[beside, topMm], [beside, bottom], box.heightMm],
  ];
  return lines
    .filter(([from, to]) => from[0] !== to[0] || from[1] !== to[1])
    .map(([from, to, mm], i) => (
      <DimensionLine key={i} from={from} to={to} label={figure(mm)} textSize={textSize} colour={colour} />
    ));
}
