import type { Blank, Variant } from '@/core/shop';
import { taperOf } from '@/core/place';
import { BlankForm, blankBounds } from './blank-form';

interface BlankPictureProps {
  readonly kind: Blank['kind'];
  readonly variant: Pick<Variant, 'body' | 'colour'> & Partial<Pick<Variant, 'places'>>;
  readonly className: string;
}

/** A blank as the thing that it is, in its own colour and proportion; a picture beside its name, which tells it. */
export function BlankPicture({ kind, variant: { body, colour, places = {} }, className }: BlankPictureProps) {
  const { left, top, right, bottom } = blankBounds(kind, body);
  const taper =
    Object.values(places)
      .flatMap(({ wrap }) => taperOf(wrap) ?? [])
      .at(0) ?? null;
  const margin = Math.max(body.widthMm, body.heightMm) * 0.03;
  return (
    <svg
      viewBox={`${left - margin} ${top - margin} ${right - left + 2 * margin} ${bottom - top + 2 * margin}`}
      className={className}
      aria-hidden
    >
      <BlankForm kind={kind} body={body} hex={colour.hex} taper={taper} />
    </svg>
  );
}
