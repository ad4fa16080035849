import type { PlaceGeometry } from '@/core/place';
import type { Blank } from '@/core/shop';
import { BlankForm } from './blank-form';
import { ringPath } from './ring-path';

interface BlankGroundProps {
  readonly kind: Blank['kind'];
  readonly place: Pick<PlaceGeometry, 'outline' | 'body' | 'leftMm' | 'topMm'>;
  readonly hex: string;
  /** The place is the band of round goods rolled out, so that only it is drawn. */
  readonly isRolledOut: boolean;
}

/** The thing that a place is on, as far as it reaches into the drawing. Part of an SVG in the frame of the place. */
export function BlankGround({ kind, place: { outline, body, leftMm, topMm }, hex, isRolledOut }: BlankGroundProps) {
  if (isRolledOut) return <path d={ringPath(outline)} fill={hex} pointerEvents="none" />;
  return (
    <g transform={`translate(${-leftMm} ${-topMm})`}>
      <BlankForm kind={kind} body={body} hex={hex} />
    </g>
  );
}
